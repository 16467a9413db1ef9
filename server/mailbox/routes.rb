# frozen_string_literal: true

module Server
  module Mailbox
    # The stand-in for a mail server: what would have been sent, to be looked at.
    # It is there only where no mail server is set, and only for who sits at this
    # machine: links that open accounts lie in it. In production it is there with
    # the demo alone, as long as no studio of somebody's own is.
    module Routes
      # What these routes share.
      module Helpers
        def mailbox?
          return false unless Settings.current.mailbox? && env[Http::ClientAddress::LOCAL]
          !Settings.current.production? || !Records::Installation.current.set_up?
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/mailbox", access: :open) do
          raise Http::Problems.not_found unless mailbox?
          mails = Records::KeptMail.order(created_at: :desc).limit(Records::KeptMail::MOST)
          render_json({"mails" => mails.map { |mail| {"id" => mail.id, "to" => mail.recipient, "subject" => mail.subject, "body" => mail.body, "at" => Http::Json.instant(mail.created_at)} }})
        end

        app.delete("/api/mailbox", access: :open) do
          raise Http::Problems.not_found unless mailbox?
          Records::KeptMail.delete_all
          status 204
        end
      end
    end
  end
end
