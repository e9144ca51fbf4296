<?php

declare(strict_types=1);

// What a press is answered with.
return [
    'abrasive' => [
        'shelf-every-ladder-worked' => '{grit} is on the shelf; every ladder was worked out again.',
        'discs' => '{grit}: {discs} discs.',
        'off-shelf-every-ladder' => '{grit} is off the shelf; every ladder was worked out again.',
    ],
    'blank-flaw' => [
        'blank-been-changed-since' => 'This blank has been changed since you opened the page. Nothing was saved; '
            .'the page now shows the blank as it is.',
        'saved' => 'Saved.',
    ],
    'blank-photo' => [
        'photograph-kept' => 'The photograph is kept.',
    ],
    'climate' => [
        'no-rows' => 'There is no reading in it: a row takes a time, a temperature and a humidity.',
        'too-many' => 'There are {count} readings in it; at most {most} are taken at once.',
        'came' => '{count} {count?reading:readings} came in; {nonsense} cannot be true and {nonsense?is:are} not used.',
        'key-once' => 'The key of the sensor for {air} is shown this once.',
        'key-ended' => 'Its key has ended: its readings are no longer taken.',
        'name-another-air-called' => 'Name is “{name}”; another air is called so already.',
        'air-own-now' => '{air} has an air of its own now.',
        'shop-itself-stays' => 'The shop itself stays.',
        'gone-with-what-read' => '{air} is gone, with what was read of it.',
        'read-which-still-come' => 'Read at is “{at}”, which is still to come.',
        'air-no-station-choose' => 'This air has no station; choose one first.',
        'station-says-nothing-usual' => 'The station says nothing; the usual day stands in.',
        'set' => 'Set.',
        'until-takes-today-or' => 'Until is “{until}”; it takes today or later.',
        'counted-every-date-worked' => 'Counted in; every date was worked out again.',
        'comes-again-every-date' => 'Back to its usual air; every date was worked out again.',
        'and' => '{temperature} and {rhPercent} %',
        'read-kept-nonsense-not' => 'Read: {reading}. {nonsense} It is kept as nonsense and not used.',
    ],
    'coats' => [
        'coats-dry-where-others' => 'Its coats dry where the others do.',
        'coats-dry-every-wait' => 'Its coats dry in: {air}. Every wait was worked out again.',
        'coated-already' => 'A coat is done already: its faces keep their order.',
        'coats-saved' => 'Coats saved.',
    ],
    'controller' => [
        'piece-been-changed-since' => 'This piece has been changed since you opened the page, in another tab or by '
            .'someone else. Your change was not saved; the page now shows the piece as it is. Make your change '
            .'again.',
        'it' => 'It',
    ],
    'demo' => [
        'workshop-yours-alone-try' => 'This workshop is yours alone: try anything. It is cleared away a day after '
            .'you last used it.',
    ],
    'dye' => [
        'wheel-takes-up-dyes' => 'The wheel takes up to {most} dyes.',
        'wheel' => '{name} is on the wheel.',
        'changed' => '{name} was changed.',
        'no-longer-wheel' => '{dye} is no longer on the wheel.',
    ],
    'equipment' => [
        'saved-every-route-worked' => 'Saved; every route was worked out again.',
    ],
    'flaw' => [
        'placed' => 'Placed.',
        'changed' => 'Changed.',
        'removed-undo-brings-back' => 'Removed. Undo brings it back.',
    ],
    'rim' => [
        'kept' => 'Kept. Areas, weight and speeds follow it.',
    ],
    'wall' => [
        'noted' => 'Noted.',
        'cleared' => 'Cleared. Undo brings it back.',
        'deepened' => 'Cut deeper. Undo puts the wall back.',
    ],
    'hole' => [
        'placed' => 'Placed.',
        'changed' => 'Changed.',
        'removed-undo-brings-back' => 'Removed. Undo brings it back.',
    ],
    'instrument' => [
        'set' => '{kind}: set.',
        'scale-says-nothing' => 'The scale says nothing.',
        'scale-says-nonsense' => 'The scale says {mass}: nonsense.',
        'scale-says' => 'The scale says {mass}.',
        'meter-says-nothing' => 'The meter says nothing.',
        'meter-says-nonsense' => 'The meter says {percent} %: nonsense.',
        'meter-says' => 'The meter says {percent} %.',
        'tachometer-says-nothing' => 'The tachometer says nothing.',
        'tachometer-says-rpm-nonsense' => 'The tachometer says {rpm} rpm: nonsense.',
        'tachometer-says-rpm-set' => 'The tachometer says {rpm} rpm, set to {set}.',
    ],
    'learnt' => [
        'counts-again-every-plan' => 'It counts again; every plan follows it.',
        'left-out-model-stands' => 'Left out: plans use the model alone. The records stay.',
    ],
    'log' => [
        'noted' => 'Noted.',
    ],
    'marks' => [
        'mark-placed' => 'Mark placed.',
        'mark-changed' => 'Mark changed.',
        'moved' => 'Moved.',
        'copied' => 'Copied.',
        'mirrored' => 'Mirrored.',
        'given' => 'Copied to {piece}. {left}',
        'none-fits' => 'none of them fits there: {why}',
        'no-such-part' => 'it takes a part of a piece in work',
        'class-changed' => 'Dyes changed.',
        'takes-no-class' => 'it takes a class that each ticked mark can have; {mark} cannot have it',
        'would-begin-before-line' => '{mark} would begin {by} before its line does.',
        'mark-removed-undo-brings' => 'Mark removed. Undo brings it back.',
    ],
    'mend' => [
        'written-down-with-time' => 'Written down, with the time and the shop\'s air. The piece is held back until '
            .'you have chosen.',
        'nothing-wrong-with-piece' => 'Nothing is wrong with this piece any more.',
        'there-no-remedy-piece' => 'There is no remedy “{chosen}” for this piece now.',
        'route' => '{title}: it is in the route.',
        'goes' => 'It goes on as it is.',
        'made-again' => 'Another blank: all that was done to the part is to be done once more. Undo takes the blank '
            .'away, and what was opened is ticked off again by hand.',
        'nothing-to-make-again' => 'Nothing of that part was done: there is nothing to make again.',
    ],
    'mix' => [
        'among-your-finishes-every' => '{name} is among your finishes; every coat of it follows its figures.',
        'stays-coated-with' => '“{ownMix}” stays: {pieces} {pieces?piece is:pieces are} coated with it.',
        'no-longer-among-your' => '{ownMix} is no longer among your finishes.',
    ],
    'order' => [
        'moved' => 'Moved. {warned}',
        'order-one-comes-itself' => 'The order is the one that comes by itself. Undo brings yours back.',
        'added' => 'Added.',
        'removed-undo-brings-back' => 'Removed. Undo brings it back.',
        'route-goes-way-now' => 'The route goes that way now.',
    ],
    'part' => [
        'drawn-shape-marks-coats' => '{part} is drawn. Its shape, marks and coats are its own.',
        'saved' => 'Saved.',
        'taken-away-undo-brings' => 'Taken away. Undo brings it back.',
        'joint-saved' => 'Joint saved.',
    ],
    'piece' => [
        'no-name-yet' => 'New piece',
        'planned' => 'Planned, with its surface. {left}',
        'drawn-drag-nodes-or' => 'Drawn. Drag the nodes, or type them; then look at Surface, Marks and Coats.',
        'saved' => 'Saved.',
        'begun-already' => 'it was begun as “{as|lower}”, and something was done to it since',
        'put-away-under-put' => '“{piece}” is put away. It is under “Put away” and can come back.',
        'wished' => 'Kept as a wish: say for whom it is. It has no place in the plan until you take it on.',
        'taken-on' => 'Taken on, and planned.',
        'back-work' => 'Back in work.',
        'new-piece-with-same' => 'A new piece with the same shape, sanding, marks and coats.',
        'more-like-numbered' => '{copies} more like {piece}, numbered.',
        'undone' => 'Undone: {what}.',
        'nothing' => 'nothing',
        'done-again' => 'Done again: {what}.',
    ],
    'piece-import' => [
        'brought' => '“{piece}” was brought in{woods}',
        'with-which-your-not' => ', and with it {names}, which your shop did not know.',
    ],
    'plan' => [
        'planned-anew' => 'Planned again.',
    ],
    'preferences' => [
        'visit-over' => 'Help stands at the foot of every page.',
        'saved-you' => 'Saved for you.',
        'your-password-changed-every' => 'Your password is changed, and every other device is signed out.',
    ],
    'rack' => [
        'out-of-date' => 'This blank has been changed since you opened the page. Your change was not saved; the '
            .'page now shows the blank as it is. Make your change again.',
        'number-rack-write-number' => 'Number {number} is on the rack. Write the number on the wood, and weigh it.',
        'saved' => 'Saved.',
        'roughed-out-seal-end' => 'Roughed out. Seal its end grain, wrap it, and weigh it now: its curve starts again.',
        'number-back-rack' => 'Number {number} is back on the rack.',
        'number-off-rack' => 'Number {number} is off the rack.',
    ],
    'recipes' => [
        'kept' => 'Kept as “{name}”.',
        'kept-with' => 'Kept as “{name}”, with {mixes|and} among your mixes.',
        'saved' => 'Saved in “{name}”. Pieces keep what they have.',
        'undone' => 'Taken back.',
        'changed-elsewhere' => 'This recipe was just changed elsewhere. Look again: what you typed is still here.',
        'coated-twice' => 'these have coats already: {faces}',
        'gone' => '“{name}” is thrown away.',
        'back' => '“{name}” is back.',
        'another' => 'another recipe is called “{name}”',
        'too-many' => 'a shop keeps {most} recipes at most: throw one away first',
        'choose-pieces' => 'Choose at least one piece.',
        'no-such' => 'There is no such recipe.',
        'begun' => 'Decorated or coated already, so that it keeps its surface: {pieces|and}.',
        'put-on' => '{recipe}, on {count} {count?piece:pieces}. Undo on the piece takes it back.',
    ],
    'recipe' => [
        'piece-just-changed-elsewhere' => 'This piece was just changed elsewhere. Try again.',
        'recipe-lies-band-undo' => 'The recipe lies on that band. Undo takes it back.',
        'mixed' => 'Mixed',
    ],
    'register' => [
        'welcome-shop-usual-hours' => 'Welcome. The shop has usual hours and abrasives; change them under Shop and '
            .'Shelf. Draw your first piece here.',
    ],
    'route' => [
        'weighs-about-drawn' => 'Weighs about {mass} as drawn.',
        'weighed' => 'Weighed {mass}.',
    ],
    'sale' => [
        'price' => 'price asked',
        'saved' => 'Saved.',
        'public' => 'Whoever has its address can see it now.',
        'private' => 'Nobody else can see it.',
        'rates' => 'Saved; what each piece costs follows.',
    ],
    'session' => [
        'no-one-here-signs' => 'No one here signs in with this address and password. Check both; capitals count in '
            .'the password.',
        'you-signed-out' => 'You are signed out.',
    ],
    'shape' => [
        'shape-saved' => 'Shape saved.',
        'inside-redrawn' => 'The inside is redrawn. Undo brings yours back.',
        'outside-mirrored' => 'The outside is mirrored. Undo brings yours back.',
    ],
    'shop' => [
        'saved-every-date-worked' => 'Saved; every date was worked out again.',
        'role-changed' => '{name} signs in as {role} now.',
        'not-your-own-role' => 'Another owner can change what you may do.',
        'you-cannot-take-yourself' => 'You cannot take yourself out; another owner can.',
        'you-no-longer-owner' => 'You are no longer an owner of this workshop; nobody was taken out.',
        'can-no-longer-sign' => '{person} can no longer sign in. What they logged stays.',
        'your-calendar-new-address' => 'Your calendar has a new address; the old one no longer answers.',
        'takes-stretches-such-or' => '{of} is “{one}”; it takes stretches such as 08:00-12:00, 13:00-17:00, or '
            .'nothing for a day off.',
        'takes-days' => '{of} is “{one}”; it takes a date and hours, such as 2026-12-05 09:00-13:00.',
    ],
    'second' => [
        'not-that' => 'That code does not count. A new one comes every 30 seconds; is the phone’s clock right?',
        'again' => 'Give the password again, then the code.',
        'on-paper' => 'You signed in with a code on paper; {count} {count?is:are} left.',
        'on' => 'The second step is on. Keep the codes below on paper.',
        'renewed' => 'The codes before these no longer count.',
        'off' => 'The second step is off.',
    ],
    'forgotten' => [
        'on-its-way' => 'If somebody signs in with that address, a letter is on its way.',
        'no-more' => 'This link no longer counts. Ask for another letter.',
        'chosen' => 'Your new password is saved. Sign in with it.',
    ],
    'account' => [
        'link-no-more' => 'This link no longer counts. Ask for another letter under Shop, You.',
        'confirmed' => '{email} is confirmed.',
        'letter-sent' => 'A letter is on its way to {email}.',
        'name' => 'Your name is saved.',
        'address' => 'You sign in with {email} now. A letter there confirms it.',
        'ended' => '{count} {count?browser was:browsers were} signed out.',
        'signed-out' => 'You were signed out from another browser.',
    ],
    'invitation' => [
        'sent' => '{name} is invited; a letter is on its way to {email}.',
        'by-hand' => '{name} is invited. This installation sends no letters: hand them the link.',
        'withdrawn' => 'The invitation of {name} no longer counts.',
        'no-more' => 'This invitation no longer counts. Ask whoever sent it for another.',
        'signs-in-already' => 'Somebody signs in with this address already.',
        'joined' => 'Welcome to {workshop}.',
    ],
    'along' => [
        'brought' => '{pieces} {pieces?piece:pieces}, {entries} {entries?entry:entries} of the log and {photos} '
            .'{photos?photograph:photographs} are here.',
        'too-large' => 'The file is too large; a page takes up to {megabytes} MB, bin/admin bring takes more.',
    ],
    'leaving' => [
        'last-owner' => 'Nobody else runs this workshop. Make somebody an owner first, or delete the workshop.',
        'leaves' => 'Your account is deleted in {days} days. Until then you can keep it.',
        'stays' => 'Your account stays.',
        'closes' => 'The workshop is deleted in {days} days. Until then any owner can keep it.',
        'kept' => '{workshop} stays.',
    ],
    'reader' => [
        'dates-only' => 'You see what is ready when. Ask an owner for more.',
    ],
    'sensor' => [
        'no-such-key' => 'No air has this key.',
        'still-to-come' => 'That time is still to come.',
    ],
    'timer' => [
        'runs' => 'The clock runs: {timer}.',
        'stopped' => 'Stopped: {timer}.',
    ],
    'worker' => [
        'added' => '{name} works here now; the plan is shared out again.',
        'saved' => '{name} is saved; the plan is shared out again.',
        'gone' => 'The plan no longer counts on {name}.',
        'never-here' => 'Hours of their own, and none on any day: they would never be here.',
    ],
    'step' => [
        'logged-before-wait-over' => ' Logged {early} h before its wait was over.',
        'next-wait-longer' => ' The next wait is {later|1} h longer for it.',
        'window-had-closed-before' => ' Its window had closed {late} h before: scuff the coat below next time.',
        'plan-moved' => ' The plan has moved.',
        'done' => 'Done at is {at}, {why}',
        'which-still-come-takes' => 'which is still to come; it takes a time up to now.',
        'before-step-follows-takes' => 'before the step it follows; it takes a time from {from} to now.',
        'already-logged-nothing-added' => '{entry} was already logged; nothing was added.',
        'otherwise' => [
            'done' => 'Done by {who}, {at}.',
            'skip' => 'Skipped by {who}, {at}: {why}',
        ],
        'clock-runs' => 'The clock runs on {step}.',
        'clock-stands' => 'The clock on {step} stands.',
        'looked' => 'Written down: {saw}.',
        'no-such-look' => 'There is no such look at this step.',
        'noted' => 'Noted.',
        'taken-back-entry-stays' => 'Taken back: {entry}. The entry stays in the log, struck out.',
        'had-been-taken-back' => 'That had been taken back already.',
        'logged' => 'Done: {entry}.{then}',
        'also-on' => 'Also on {pieces|and}.',
        'not-on' => 'Not on {piece}: {why}.',
        'skipped' => 'Skipped: {entry}.',
    ],
    'surface' => [
        'sanding-saved' => 'Sanding saved.',
    ],
    'swatch' => [
        'kept-photograph-beside-grey' => 'Kept. Photograph it beside a grey card, and the model learns from it.',
        'gone-from-book' => '{swatch} is deleted.',
        'photograph-kept-now-pick' => 'The photograph is kept. Now pick the grey card, then the wood.',
        'pick-grey-card-least' => 'Pick the grey card and at least one place of the wood.',
        'measured-dye-wood-reckoned' => 'Measured. From now on this dye on this wood follows it.',
        'counts-again' => 'It counts again.',
        'left-out-model-stands' => 'Left out: plans use the model alone.',
    ],
    'template' => [
        'centre-lines' => 'centre lines',
    ],
    'cup' => [
        'how-much' => 'How much resin to how much hardener is not known yet: type it as the tin has it.',
        'mixed' => 'Mixed: {amount} of {product|lower}. It is off the tin; coats are taken from the cup.',
        'emptied' => 'The cup of {product|lower} is empty.',
    ],
    'count' => [
        'nothing-typed' => 'Nothing was counted: type what is there in at least one row.',
        'counted' => 'Counted: {count} {count?row:rows}. Take it back beside, if it was wrong.',
        'bought' => 'On the shelf: {what|and}.',
        'taken-back' => 'Taken back; what was used since stays used.',
        'was-back' => 'That had been taken back already.',
    ],
    'count-shelf' => [
        'up-to' => 'Counted is {typed}; it takes a number from 0 to {most}, and of discs a whole one.',
    ],
    'tin' => [
        'empty-or-left' => 'A weight says what is left once either the empty tin or what is left now is known.',
        'your-shelf-plan-follows' => 'Your {name} is on the shelf; the plan follows its label.',
    ],
    'unit' => [
        'unit-kept' => 'The repeat is saved.',
    ],
    'weeks' => [
        'too-many' => 'Trying out plans the whole shop again: with {count} pieces in work that takes longer than a '
            .'page may. It is done for up to {most}. Change the plan itself, and undo it.',
        'as-it-was' => 'Nothing was changed.',
        'no-such-piece' => 'Goes behind is “{typed}”; it takes a piece in work.',
        'promised' => '{piece} is due {day}; the plan has moved.',
        'taken' => 'Taken; every date was worked out again.',
        'taken-back' => 'Taken back; the plan has moved again.',
        'moved-since' => 'The plan has moved since; look at what moved and press again.',
        'changed-since' => 'Something else was changed since; change it back by hand.',
        'fixed' => 'Fixed: {count} {count?step stays:steps stay} when planned.',
        'let-go' => '{count} {count?step:steps} may move again.',
        'never' => 'never',
        'last-planned' => 'Last planned {at}{finish}.',
        'all-done-early-can' => '; all done {day}, as early as can be',
        'all-done-which-cannot' => '; all done {finish}, which cannot be before {bound}',
    ],
    'weighing' => [
        'number' => 'Number {number}: {weighed}.',
        'scale-says-nothing-type' => 'The scale says nothing; type the weight.',
        'scale-says-which-cannot' => 'The scale says {mass}, which cannot be that blank; it is not kept.',
        'number-scale' => 'Number {number}: {mass} by the scale.',
        'weight-corrected-or-struck' => 'That weight was corrected or struck out already; nothing was changed.',
        'corrected-what-said-before' => 'Corrected; what it said before stays on record.',
        'number-weight-right-stands' => 'Number {number}: that weight is right as it stands.',
        'struck-out-stays-record' => 'Struck out; it stays on record.',
    ],
    'weight-list' => [
        'choose-file-or-type' => 'Choose a file, or type the rows.',
        'came-left-out' => '{good} came in; {bad} left out.',
        'taken-back' => '{counted} taken back.',
    ],
    'wood' => [
        'among-your-woods-pieces' => '{wood} is among your woods; pieces of it were worked out again.',
        'stays-made' => '“{ownWood}” stays: {pieces} {pieces?piece is:pieces are} made of it.',
        'no-longer-among-your' => '{ownWood} is no longer among your woods.',
    ],
    'own-pages-only' => [
        'form-came-from-another' => 'This form came from another site; nothing was taken.',
    ],
    'readable-input' => [
        'cannot-read' => '{of} cannot be read: {why}.',
        'name-not-one-page' => 'its name is not one of this page\'s',
        'holds-characters-no-text' => 'it holds characters that are no text',
        'came-list-takes-one' => 'it came as a list; it takes one value',
        'holds-too-many-values' => 'it holds too many values',
        'one-values-no-plain' => 'one of its values is no plain text',
    ],
    'find-blank' => [
        'no-such-form' => 'These sizes do not make a {form}; try a thinner wall.',
    ],
    'fit-password' => [
        'stands-here' => 'The password is a name that stands on this page; choose another.',
        'repeats' => 'The password repeats the same few characters; it takes at least {leastDifferent} different ones.',
        'password-too-short-takes' => 'The password is too short; it takes at least {leastCharacters} characters.',
        'password-too-long-takes' => 'The password is too long: it takes up to {mostBytes} bytes, which is as many '
            .'plain letters, and fewer of others.',
    ],
    'import-piece' => [
        'file-larger-than-kb' => 'The file is larger than {maxKilobytes} kB; a piece takes a few kB.',
    ],
    'keep-photo' => [
        'choose-photograph-first' => 'Choose a photograph first.',
        'photograph-too-large-takes' => 'The photograph is too large; it takes up to {most} MB.',
        'photograph-did-not-arrive' => 'The photograph did not arrive: it is larger than {most} MB, or the '
            .'connection broke. Send it again, or a smaller one.',
    ],
    'look-in-lab' => [
        'plan-takes-most-sheets' => 'A plan takes at most {mostGrits} sheets.',
    ],
    'move-marks' => [
        'ways' => [
            'move' => 'Move',
            'copy' => 'Copy',
            'mirror' => 'Mirror a copy about the middle of the line',
            'give' => 'Copy to another piece or part',
            'class' => 'Change the dye or stain',
        ],
        'tick-marks-meant' => 'Tick the marks that are meant.',
    ],
    'lengths' => [
        'is-no-length' => '“{text}” is none of these lengths: each is a number from {least} to {most}, parted from '
            .'the next by a comma.',
        'too-many' => 'These are {count} sizes; it takes {most} at the most.',
    ],
    'save-equipment' => [
        'attribute-input-takes-numbers' => ':Attribute is “:input”; it takes numbers such as 24, 36, 60.',
    ],
    'save-mix' => [
        'shelf-class-name-already' => 'The shelf has a class of that name already; give your mix one of its own.',
        'say-how-many-parts' => 'Say how many parts of it go in.',
        'say-what-goes-one' => 'Say what goes in: one thing at least, with its parts.',
    ],
    'save-swatch' => [
        'test-board-least-one' => 'A test board has at least one layer of dye on it.',
    ],
    'weigh-blank' => [
        'number-no-blank-rack' => 'Number is “{number}”; no blank on the rack has it.',
    ],
    'database-gone' => [
        'records-answer-not' => 'The workshop\'s records do not answer. Look whether it was saved, and try again.',
    ],
    'photographs-gone' => [
        'answer-not' => 'The storage of the photographs does not answer. Try again in a moment.',
    ],
    'disk-full' => [
        'disk-full' => 'The disk of the shop\'s computer is full; nothing was saved. Make room, then try again.',
    ],
    'lab' => [
        'no-hardness-known-reckoned' => 'no hardness known: worked out for a usual one',
        'asked' => 'What is asked here: a last grain of {um} µm or finer, because {because}.',
    ],
    'stock' => [
        'entered' => 'Entered: the route is turned from it.',
        'taken-back' => 'Taken back; the least blank is taken.',
    ],
];
