// A language that nobody speaks: every letter accented, every sentence a third longer.
// What is still plain English on a screen was left in the code; what breaks is too narrow.

export const PSEUDO = 'en-XA'

const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ'
const ACCENTED = [...'åƀçðéƒĝĥîĵķļḿñöþǫŕšţûṽŵẋýžÅƁÇÐÉƑĜĤÎĴĶĻḾÑÖÞǪŔŠŢÛṼŴẊÝŽ']
const FILLING = ' ~ţŵö ţĥŕéé ƒöûŕ ƒîṽé šîẋ šéṽéñ éîĝĥţ'

type Messages = { [key: string]: string | Messages }

/** The same messages in the language that nobody speaks; what stands in braces is kept. */
export function pseudo<T extends Messages>(messages: T): T {
  return Object.fromEntries(
    Object.entries(messages).map(([key, text]) => [key, typeof text === 'string' ? accented(text) : pseudo(text)]),
  ) as T
}

/** A text with its plural forms, each of them longer. */
export function accented(text: string): string {
  return text.split(' | ').map(longer).join(' | ')
}

function longer(text: string): string {
  const letters = text.replace(/\{[^}]*\}/g, '').length
  const changed = text.replace(/\{[^}]*\}|\p{L}/gu, (found) => (found.length > 1 ? found : accent(found)))
  return changed + FILLING.slice(0, Math.ceil(letters / 3))
}

function accent(letter: string): string {
  const place = PLAIN.indexOf(letter)
  return place < 0 ? letter : ACCENTED[place]!
}
