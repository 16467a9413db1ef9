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
        subject, body = subject.to_s, body.to_s
        return Records::KeptMail.keep(to, subject, body) unless settings.smtp
        Thread.new { deliver(to, subject, body, settings: settings) }
      end

      # In a thread of its own: how long a mail server takes tells nobody whether there was something to send.
      def self.deliver(to, subject, body, settings:)
        mail = ::Mail.new(from: settings.mail_from, to: to, subject: subject, body: body, charset: "UTF-8")
        mail.delivery_method(:smtp, settings.smtp)
        mail.deliver!
      rescue => error
        warn JSON.generate("at" => Time.now.utc.iso8601(3), "error" => "mail not sent: #{error.class}")
      end
      private_class_method :deliver

      def self.invitation(invitation, url)
        send(to: invitation.email, subject: Sparrow.say("server.mailbox.you_are_invited_to_name", name: invitation.studio.name), body: Sparrow.say("server.mailbox.invitation",
          name: invitation.name, by: invitation.invited_by&.name || Sparrow.say("server.mailbox.the_team"), studio: invitation.studio.name,
          role: ROLE_WORDS.fetch(invitation.role), url: url))
      end

      def self.password_link(instructor, url)
        send(to: instructor.email, subject: Sparrow.say("server.mailbox.set_a_new_password"), body: Sparrow.say("server.mailbox.password_link", name: instructor.name, url: url))
      end

      ROLE_WORDS = {"owner" => Sparrow.say("server.mailbox.an_owner"), "instructor" => Sparrow.say("server.mailbox.an_instructor"), "helper" => Sparrow.say("server.mailbox.a_helper")}.freeze
    end
  end
end
