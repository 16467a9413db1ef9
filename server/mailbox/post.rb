# frozen_string_literal: true

require "mail"

module Server
  module Mailbox
    # Mail to people of the team. It goes by the mail server that the settings name;
    # without one it is kept, and shown on the mailbox page that ships.
    module Post
      # @param to [String] an address
      # @param body [String] plain text
      def self.send(to:, subject:, body:, settings: Settings.current)
        return Records::KeptMail.keep(to, subject, body) unless settings.smtp
        Thread.new { deliver(to, subject, body, settings) }
      end

      # In a thread of its own: how long a mail server takes tells nobody whether there was something to send.
      def self.deliver(to, subject, body, settings)
        mail = ::Mail.new(from: settings.mail_from, to: to, subject: subject, body: body, charset: "UTF-8")
        mail.delivery_method(:smtp, settings.smtp)
        mail.deliver!
      rescue => error
        warn JSON.generate("at" => Time.now.utc.iso8601(3), "error" => "mail not sent: #{error.class}")
      end
      private_class_method :deliver

      def self.invitation(invitation, url)
        send(to: invitation.email, subject: "You are invited to #{invitation.studio.name}", body: <<~TEXT)
          Hello #{invitation.name},

          #{invitation.invited_by&.name || "The team"} invites you to join #{invitation.studio.name} on Willing Sparrow, as #{ROLE_WORDS.fetch(invitation.role)}.
          Open this link to choose a password and sign in. It works once, for seven days:

          #{url}

          If you did not expect this, you need not do anything.
        TEXT
      end

      def self.password_link(instructor, url)
        send(to: instructor.email, subject: "Set a new password", body: <<~TEXT)
          Hello #{instructor.name},

          somebody, most likely you, asked to set a new password for Willing Sparrow.
          Open this link to choose one. It works once, for an hour:

          #{url}

          If it was not you, your password stays as it is.
        TEXT
      end

      ROLE_WORDS = {"owner" => "an owner", "instructor" => "an instructor", "helper" => "a helper"}.freeze
    end
  end
end
