# frozen_string_literal: true

module Server
  # A language that nobody speaks, made from English: every letter accented, every
  # text a third longer. What is still plain English in it was left in the code. The
  # interface makes the same of its own texts (web/src/lib/pseudo.ts).
  module PseudoLanguage
    PLAIN = "a-zA-Z"
    ACCENTED = "åƀçðéƒĝĥîĵķļḿñöþǫŕšţûṽŵẋýžÅƁÇÐÉƑĜĤÎĴĶĻḾÑÖÞǪŔŠŢÛṼŴẊÝŽ"
    FILLING = " ~ţŵö ţĥŕéé ƒöûŕ ƒîṽé šîẋ šéṽéñ éîĝĥţ"
    # What a value is put in for stays as it is.
    PLACE = /%\{[^}]*\}/

    # Every text that English has, of the gems too.
    def self.add
      I18n.backend.store_translations(:"en-XA", of(I18n.backend.translations(do_init: true).fetch(:en)))
    end

    # @param texts [Hash, String, Object] texts by key, or one of them
    def self.of(texts)
      case texts
      when Hash then texts.transform_values { |part| of(part) }
      when String then "#{accented(texts)}#{FILLING[0, (texts.gsub(PLACE, "").size / 3.0).ceil]}"
      else texts
      end
    end

    def self.accented(text)
      places = text.scan(PLACE)
      text.split(PLACE, -1).map { |part| part.tr(PLAIN, ACCENTED) }.zip(places).join
    end
    private_class_method :accented
  end
end
