<?php

declare(strict_types=1);

// What bin/admin says to whoever runs this installation.
return [
    'nobody' => 'Nobody signs in as “{email}”; bin/admin workshops lists who owns what.',
    'no-workshop' => 'There is no workshop {number}; bin/admin workshops lists them.',
    'taken' => '{workshop} is in {file}, {megabytes} MB.',
    'password-is' => 'Password: {password}',
    'password-new' => '{name} has a new password and is signed out everywhere. It is shown once:',
    'owner' => [
        'made' => '{workshop} is open. {email} signs in with this password, which is shown once:',
        'now' => '{name} is an owner of {workshop}.',
        'takes' => 'bin/admin owner EMAIL --name "THEIR NAME" --workshop "ITS NAME" [--time-zone Europe/London]',
    ],
    'workshops' => [
        'columns' => [
            'number' => 'No.', 'name' => 'Workshop', 'owners' => 'Owners', 'people' => 'People', 'pieces' => 'Pieces',
            'log' => 'Log', 'zone' => 'Time zone',
        ],
        'visits' => '{count} {count?workshop:workshops} of demo visitors are not listed.',
    ],
    'well' => '  well  ',
    'hint' => '  hint  ',
    'bad' => '  BAD   ',
    'remedy' => '        → ',
    'found' => '{count} {count?thing is:things are} wrong.',
    'doctor' => [
        'php' => [
            'well' => 'PHP {version}', 'bad' => 'PHP {version} is too old.', 'remedy' => 'Install PHP 8.2.',
        ],
        'extensions' => [
            'well' => 'PHP has what it needs.', 'bad' => 'PHP lacks {missing}.',
            'remedy' => 'Install the package php8.2- of that name, then restart php-fpm.',
        ],
        'built' => [
            'well' => 'Styles and scripts are built.', 'bad' => 'Styles and scripts are not built.',
            'remedy' => 'npm ci && npm run build',
        ],
        'key' => [
            'well' => 'The key is set.', 'bad' => 'The key is missing, or is none.',
            'remedy' => 'Set APP_KEY or APP_KEY_FILE; php artisan key:generate --show makes one.',
        ],
        'debug' => [
            'well' => 'Errors show nothing of the inside.', 'bad' => 'Errors show the inside of the program.',
            'remedy' => 'Set APP_DEBUG=false.',
        ],
        'https' => [
            'well' => 'Its address is {address}.',
            'bad' => 'Its address, {address}, is not encrypted: right on this machine alone.',
            'remedy' => 'Serve it with a certificate (deploy/), or bin/start --lan for tablets of the shop.',
        ],
        'photographs' => [
            'well' => 'Photographs can be kept in {folder}.', 'bad' => 'Nothing can be written in {folder}.',
            'remedy' => 'Give that folder to the user that php-fpm runs as. Of object storage: look at PHOTO_ENDPOINT, '
                .'PHOTO_BUCKET and PHOTO_KEY.',
        ],
        'disk' => [
            'well' => '{gigabytes} GB are free.', 'bad' => 'Only {gigabytes} GB are free at {folder}.',
            'remedy' => 'Make room, or move the folder of the data to a larger disk.',
        ],
        'logs' => [
            'well' => 'The log can be written.', 'bad' => 'Nothing can be written in {folder}.',
            'remedy' => 'Give that folder to the user that php-fpm runs as.',
        ],
        'database' => [
            'well' => 'The database answers ({version}).', 'bad' => 'The database does not answer: {why}',
            'remedy' => 'Start it, and look whether DB_HOST, DB_PORT and the password are right.',
        ],
        'backups' => [
            'well' => 'A backup of the last two days is in {folder}.',
            'bad' => 'No backup of the last two days is in {folder}.',
            'remedy' => 'bin/admin backup says what is in the way; one is made a day while this runs.',
        ],
        'redis' => [
            'well' => 'Redis answers.', 'bad' => 'Redis does not answer.',
            'remedy' => 'Start it, and look whether REDIS_HOST, REDIS_PORT and the password are right.',
        ],
        'cluster' => [
            'well' => 'The servers of the database are together.',
            'bad' => 'This server of the database has lost the others, and takes nothing.',
            'remedy' => 'Look after the other servers; with more than half of them it goes on by itself.',
        ],
        'clock' => [
            'well' => 'App and database have the same time.',
            'bad' => 'The clock of the database is {seconds} s ahead of this machine’s.',
            'remedy' => 'Set both by the same time server (systemctl enable --now systemd-timesyncd).',
        ],
        'migrations' => [
            'well' => 'The tables are as this release wants them.',
            'bad' => '{count} {count?change:changes} to the tables {count?is:are} still to be made.',
            'remedy' => 'Back up first, then php artisan migrate --force.',
        ],
        'zones' => [
            'well' => 'Every workshop’s time zone is known ({version}).',
            'bad' => 'Time zones that this PHP does not know: {unknown}.',
            'remedy' => 'Update the packages tzdata and php8.2-common.',
        ],
        'worker' => [
            'well' => 'The worker makes plans.', 'bad' => 'The worker gives no sign of life.',
            'remedy' => 'systemctl restart honest-grain-worker@1, or look at the worker’s log.',
        ],
        'schedule' => [
            'well' => 'What is due every hour is done.', 'bad' => 'What is due every hour is not done.',
            'remedy' => 'systemctl restart honest-grain-schedule.timer; it calls php artisan schedule:run.',
        ],
        'waiting' => [
            'well' => 'No plan waits long.', 'bad' => 'A plan has waited for {minutes} minutes.',
            'remedy' => 'One worker is too few, or it hangs: restart it, or start a second.',
        ],
        'failed' => [
            'well' => 'No job has failed.', 'bad' => '{count} {count?job has:jobs have} failed.',
            'remedy' => 'php artisan queue:failed says why; queue:retry all tries them again.',
        ],
        'mail-log' => [
            'well' => '', 'bad' => 'Letters go into storage/logs/mail.log and reach nobody.',
            'remedy' => 'Set MAIL_MAILER=smtp, MAIL_HOST, MAIL_PORT, MAIL_USERNAME, MAIL_PASSWORD_FILE, MAIL_FROM.',
        ],
        'mail' => [
            'well' => 'The server for outgoing mail takes letters.',
            'bad' => 'The server for outgoing mail takes none: {why}',
            'remedy' => 'Look whether MAIL_HOST, MAIL_PORT and the password are right.',
        ],
    ],
];
