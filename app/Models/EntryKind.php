<?php

declare(strict_types=1);

namespace App\Models;

/** What an entry of the log says happened. */
enum EntryKind: string
{
    case Done = 'done';
    case Skipped = 'skip';
    case Note = 'note';
    case Wrong = 'wrong';
    case Started = 'start';
    case Stopped = 'stop';
    case Undone = 'undo';
    /** A surface was looked at before its step was ticked off. */
    case Looked = 'look';
    /** A step that was done is to be done again. */
    case Again = 'again';
    /** A step that was done to a part that is made again from another blank. */
    case Anew = 'anew';

    /** @return list<self> those that say something of a step and leave its clock as it is */
    public static function besides(): array
    {
        return [self::Note, self::Wrong, self::Looked];
    }

    /** @return list<self> those that take a step back */
    public static function takingBack(): array
    {
        return [self::Undone, self::Again, self::Anew];
    }

    /** Whether the route goes on after it, until it is taken back. */
    public function settles(): bool
    {
        return $this === self::Done || $this === self::Skipped;
    }
}
