# frozen_string_literal: true

module Server
  class Routes
    # The stand-in for a mail server: what would have been sent, to be looked at.
    # It is there only where no mail server is set, and never in production
    # without the demo.
    module MailboxRoutes
      def self.registered(app)
        app.get("/api/mailbox", access: :open) do
          raise Problems.not_found unless Settings.current.mailbox?
          mails = Records::KeptMail.order(created_at: :desc).limit(Records::KeptMail::MOST)
          render_json({"mails" => mails.map { |mail| {"id" => mail.id, "to" => mail.recipient, "subject" => mail.subject, "body" => mail.body, "at" => Views.instant(mail.created_at)} }})
        end

        app.delete("/api/mailbox", access: :open) do
          raise Problems.not_found unless Settings.current.mailbox?
          Records::KeptMail.delete_all
          status 204
        end
      end
    end
  end
end
