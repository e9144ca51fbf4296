<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use Illuminate\Validation\ValidationException;

/** Changes as an address carries them, `kind:what`, so that a sheet can be handed on within a workshop. */
final readonly class Changes
{
    public const MOST = 12;

    /** @var array<string, class-string<Change>> */
    public const KINDS = [
        'open' => OpenDay::class, 'help' => HelpOn::class, 'away' => AwayFor::class, 'warm' => WarmAir::class,
        'due' => MoveDue::class, 'weigh' => Weigh::class, 'fewer' => FewerCoats::class, 'finish' => OtherFinish::class,
        'by-hand' => ByHand::class, 'aside' => SetAside::class, 'behind' => GoBehind::class,
    ];

    /**
     * @param  array<array-key, mixed>  $written
     * @return list<Change>
     *
     * @throws ValidationException for what says nothing
     */
    public static function read(array $written): array
    {
        if (count($written) > self::MOST) {
            throw ValidationException::withMessages(['do' => say('planning.what-if.too-many', ['most' => self::MOST])]);
        }
        $changes = [];
        foreach ($written as $one) {
            [$kind, $rest] = explode(':', is_string($one) ? $one : '', 2) + ['', ''];
            $changes[] = self::one($kind, $rest) ?? throw ValidationException::withMessages([
                'do' => say('planning.what-if.unreadable', ['written' => is_string($one) ? $one : '']),
            ]);
        }

        return $changes;
    }

    private static function one(string $kind, string $rest): ?Change
    {
        $class = self::KINDS[$kind] ?? null;

        return $class === null ? null : $class::read($rest);
    }

    /**
     * @param  list<Change>  $changes
     * @return list<string>
     */
    public static function written(array $changes): array
    {
        $kinds = array_flip(self::KINDS);

        return array_map(fn (Change $change): string => $kinds[$change::class].':'.$change->written(), $changes);
    }

    public static function isDate(string $date): bool
    {
        return preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $date, $m) === 1
            && checkdate((int) $m[2], (int) $m[3], (int) $m[1]);
    }
}
