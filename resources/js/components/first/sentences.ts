/** What a page is for, in three sentences for whoever is there for the first time; by the page's component. */
export const first: Record<string, [string, string, string]> = {
    'today/Today': [
        'Everything that needs somebody today stands here, the most urgent first.',
        'Each line leads to where it is settled, and says why it is there.',
        'When the list is empty, everybody works from the bench.',
    ],
    'bench/Bench': [
        'This is your own work: what is under your hand now, and what comes next today.',
        'Start the clock when you begin and stop it when you lay it down; hours are written by themselves.',
        'If something goes wrong, say so here at once: it is planned around, never held against you.',
    ],
    'bench/Gate': [
        'An operation with a gate is done when its readings are taken.',
        'Type what the tool says at each numbered place, or let a caliper send it.',
        'What lies outside its tolerance is decided on: done over, kept as it is, or made again.',
    ],
    'plan/Horizon': [
        'Every build over the coming weeks lies here in time, with its promise as a flag.',
        'Press an operation to see why it is not sooner; drag it, and you are told what that does to the promises before anything is done.',
        'The end that fades is how sure the finish is.',
    ],
    'plan/Help': [
        'One more of everything is tried: an hour, a clamp, a part that comes sooner.',
        'What keeps most promises stands first.',
        'Each can be tried beside the plan before you decide.',
    ],
    'plan/Try': [
        'A scenario is the shop with something changed, planned beside the real plan.',
        'Put several changes together and see finishes, people and payments.',
        'Nothing is real until you press Apply.',
    ],
    'plan/Calendar': [
        'Leave, errands, longer days and closed days are entered here.',
        'The plan counts with them at once.',
        'A calendar file from elsewhere is shown before anything is changed.',
    ],
    'plan/Load': [
        'Here stands who and what is asked for more than there is.',
        'A bar over its line is work that has to move or wait.',
        'What would relieve it stands under What would help.',
    ],
    'today/Week': [
        'Each person’s week, as it is planned now.',
        'Print it for the wall, on A4 or Letter.',
        'What moves later stands at the bench.',
    ],
    'build/Builds': [
        'Every instrument, in the making and finished.',
        'Press one for its sheet: where it stands, its route, kit, hours and money.',
        'A new one begins with New commission.',
    ],
    'build/BuildSheet': [
        'Everything about one instrument is on this sheet, section by section.',
        'The line under its name says what is to be done next.',
        'Nothing that was recorded is ever removed; it is corrected beside it.',
    ],
    'build/NewCommission': [
        'Say what you know; what you leave out is the house’s.',
        'Hours, material, price and the earliest finish follow on the right while you type.',
        'It is on the plan when you press Take the commission, and not before.',
    ],
    'specification/Specification': [
        'What it is to be stands on the left, drawn in the middle, judged on the right.',
        'Each figure tells how it was worked out, and each finding offers ways to mend it.',
        'Release it to the bench when nothing stands against it.',
    ],
    'route/Route': [
        'The route follows from the specification, with a reason for every step.',
        'Where makers disagree you choose, for this build or for the house.',
        'Change it as you like: you are told what would break.',
    ],
    'stores/Stores': [
        'What is late, wrong, on its way or to be ordered stands here.',
        'Orders are proposed so that each thing is there before its work.',
        'A parcel is taken in with one press, or line by line.',
    ],
    'stores/Catalogue': [
        'Every part that the shop has or buys, with drawer and stock.',
        'Figures are as measured or as the data sheet says; the measured one counts.',
        'A least stock is ordered again by itself, as a proposal.',
    ],
    'stores/Boards': [
        'Each board has a number: write it on its end.',
        'Readings with the meter tell when it has settled.',
        'What it could become, and why not, stands on its own page.',
    ],
    'stores/Cutting': [
        'Boards are laid out for several instruments at once.',
        'Cuts run from edge to edge, in the order in which they are numbered.',
        'Look for better as long as you like; what you cut is what you choose.',
    ],
    'jigs/Templates': [
        'A template is kept with the specification that it was made after.',
        'It is compared with every build in the making, in millimetres.',
        'Check it on scrap, and say when it is damaged: what it was used on since is named.',
    ],
    'clients/Clients': [
        'People who commission, how to reach them, and what they like.',
        'An enquiry begins here: their wishes in their own words.',
        'Who asks to be forgotten is, except where the law wants papers kept.',
    ],
    'clients/Enquiries': [
        'Who waits for an answer, the most urgent first.',
        'Sketch two or three instruments side by side, and quote one.',
        'A quote holds its place in the plan until it is answered.',
    ],
    'money/Money': [
        'What is owed, what can be asked for now, and what comes in when, by the plan.',
        'An invoice is never changed: a credit note takes it back.',
        'Payments are typed, or taken from the bank’s file, each once.',
    ],
    'money/Earned': [
        'What an hour brought, by instrument, model, client, maker and month.',
        'Parts add up to the whole.',
        'Why a quote and its actual differ stands beside it.',
    ],
    'house/House': [
        'How the house works: hours, closed days, rates, what it owns.',
        'The plan is made anew with each change.',
        'Begin here in a new shop, then with People.',
    ],
    'house/Standards': [
        'How long each operation takes here, in each way of doing it.',
        'What your own records say stands beside it, with how many jobs it rests on.',
        'Taking over the learned figure is one press.',
    ],
    'house/People': [
        'Who works here, when, and what they can do.',
        'Work is given only to who has the skill for it.',
        'A code lets a maker sign in at a shared tablet.',
    ],
    'house/Climate': [
        'Readings of the air make holds longer or shorter.',
        'In air outside the house’s limits nothing is sprayed and no box is closed.',
        'A sensor can send them; typed ones count as much.',
    ],
    'setback/Setbacks': [
        'What went wrong, with what it cost in hours and material.',
        'Each is mended in the way that you choose, tried beside the plan first.',
        'What comes back is named by operation, cause and station.',
    ],
    'forecast/Chances': [
        'The shop is run some hundred times with hours and glue as they have come to you.',
        'Each promise has its chance, and all together have theirs.',
        'What would raise it stands on each build’s own page.',
    ],
    'forecast/Forecasts': [
        'How good the forecasts were, build by build.',
        'Eight in ten should have held where eighty per cent was said.',
        'What follows from that is said, and learned by itself.',
    ],
    'forecast/Year': [
        'The year on one page: what was built, how long it took, what it brought.',
        'Each figure leads to the builds that it is made of.',
        'It prints on one sheet.',
    ],
};
