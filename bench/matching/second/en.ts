/** A second hundred in English: no rule was made by them. */
export const ENGLISH = `
en: coffee grinder
= A grinder for coffee beans
= Which grinders make the best coffee?
≠ Grind the pepper while the coffee cools.
≠ The daily grind starts with coffee.
en: storage box
= Boxes for storage under the bed
= A box to store winter clothes
≠ The store boxed the gift.
≠ He boxed in the hall above the store.
en: sleeping bag
= Bags you can sleep in at minus ten
= Down sleeping bags compared
≠ The dog was sleeping on a bag of flour.
≠ He packed his bag while she slept.
en: press release
= How to write a release for the press
= Press releases that journalists read
≠ Press the button to release the lock.
≠ The press waited for the album's release.
en: landing page
= Pages that visitors land on
= A landing page with one button
≠ The plane was landing as he turned the page.
≠ The landlord sent a page of rules.
en: exercise book
= Books full of exercises for beginners
= Exercise books with squared paper
≠ Exercise before you book the trip.
≠ She exercises daily and books are her hobby.
en: bottle opener
= An opener for bottles and tins
= Bottle openers as gifts
≠ The opener was a song about a bottle.
≠ Open the bottle at the end of the match.
en: price list
= Download our list of prices.
= Price lists as a PDF
≠ He listed the house at half the price.
≠ Pricey hotels top the list of complaints.
en: work permit
= Permits to work abroad
= Who needs a work permit?
≠ The rules permit us to work late.
≠ Work may start when time permits.
en: hand cream
= Creams for dry hands
= A cream that keeps hands soft
≠ Hand me the cream.
≠ She handed round cake with cream.
en: sales report
= A report on sales in May
= How to write sales reports
≠ Sales were good, officials reported.
≠ Police report that the sale went well.
en: standing desk
= Desks to stand at all day
= A standing desk with a motor
≠ She was standing by the desk.
≠ The desk stands in the hall.
en: shower curtain
= Curtains for showers and baths
= How to wash a shower curtain
≠ A shower fell as the curtain rose.
≠ The curtains were open when he showered.
en: gift wrapping
= We wrap gifts free of charge.
= Gift-wrapped in brown paper
≠ A gifted cook wraps fish in leaves.
≠ His gift for languages, under wraps
en: lemon squeezer
= A squeezer for lemons and limes
= Squeezers that get more out of a lemon
≠ Squeeze into the car, the lemon one.
≠ The price squeeze made lemons dear.
en: phone holder
= A holder for your phone
= Phone holders for bikes
≠ Hold the phone!
≠ Ticket holders may phone the box office.
en: bread maker
= A machine: makers of bread at home
= Which bread maker is quietest?
≠ She makes a living; bread is her husband's part.
≠ The policy makers shared bread.
en: interior design
= Designing interiors for small flats
= Interior designs in oak
≠ The car's interior was cold by design or by accident.
≠ The Minister of the Interior had designs on the crown.
en: fire extinguisher
= Extinguishers for kitchen fires
= How long does a fire extinguisher last?
≠ The firm fired him; hope was extinguished.
≠ They extinguished the lamp and lit a fire.
en: ice cream maker
= A maker of ice cream for home use
= Ice-cream makers with a compressor
≠ Ice made the road slick as cream.
≠ She makes cream soup on an ice floe.
en: card payment
= Pay by card at the door.
= Card payments, and what they cost
≠ He paid her a compliment on a card.
≠ Pay attention to the cards on the table.
en: tax return
= Returns for the tax year
= File your tax return early.
≠ He returned to the taxing climb.
≠ Taxis return empty.
en: garden shed
= Sheds for long gardens
= Paint your garden shed.
≠ The garden sheds its leaves.
≠ The lamp shed light on the garden.
en: data export
= How to export your data
= Exports of data as CSV
≠ Exports rose, says the data.
≠ The exporter dated the letter.
en: back pain
= Pains in the back after sitting
= Exercises for back pain
≠ She came back in pain.
≠ He took pains to walk back.
`;
