<?php

declare(strict_types=1);

// Letters: the first line of each is what it is about, the others are its paragraphs.
return [
    'confirm' => [
        'about' => 'Confirm your address',
        'why' => 'Hello {name}, this address was given to sign in at a workshop. This link confirms that it is yours. '
            .'It counts for seven days.',
        'else' => 'Was it not you? Then do nothing: nobody can sign in with it by this letter.',
    ],
    'reset' => [
        'about' => 'Choose a new password',
        'why' => 'Hello {name}, somebody asked for a new password for this address. This link lets you choose one. It '
            .'counts for an hour, and once.',
        'else' => 'Was it not you? Then do nothing: your password stays as it is.',
    ],
    'invited' => [
        'about' => '{by} invites you to {workshop}',
        'why' => 'Hello {name}, {by} would like you to join the workshop {workshop}. This link lets you choose a '
            .'password. It counts for seven days.',
    ],
    'address-changed' => [
        'about' => 'You sign in with another address now',
        'why' => 'Hello {name}, from now on you sign in with {email}. Was it not you? Then tell whoever runs your '
            .'workshop at once.',
    ],
    'password-changed' => [
        'about' => 'Your password was changed',
        'why' => 'Hello {name}, your password was changed, and every other browser is signed out. Was it not you? Then '
            .'choose a new one with “Forgotten?” where you sign in, and tell whoever runs your workshop.',
    ],
    'evening' => [
        'about' => 'Tomorrow in {workshop}',
        'closes' => '{time}  {piece}: {title}, before its window closes',
        'begins' => '{time}  {piece}: {title}, begun by then at the latest',
        'due' => 'Due: {piece}',
        'why' => 'You asked for this letter under Shop, You; there it can be stopped.',
    ],
    'window' => [
        'line' => '{piece}: {title}, before {time}',
        'why' => 'Its window closes within the hour. You asked for this letter under Shop, You; there it can be '
            .'stopped.',
    ],
    'closes' => [
        'about' => '{workshop} will be deleted',
        'why' => 'Hello {name}, {by} has asked that the workshop {workshop} and everything in it is deleted on {day}. '
            .'Until then an owner can keep it, and you can take everything along.',
    ],
];
