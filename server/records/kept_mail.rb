# frozen_string_literal: true

module Server
  module Records
    # What would have been sent by mail, where no mail server is set.
    class KeptMail < Base
      MOST = 100

      def self.keep(recipient, subject, body)
        create!(recipient: recipient, subject: subject, body: body, created_at: Time.now.utc)
        where.not(id: order(created_at: :desc).limit(MOST).select(:id)).delete_all
      end
    end
  end
end
