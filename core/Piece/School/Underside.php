<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** When the underside is sanded and coated. */
enum Underside: string implements Choice
{
    case BeforeReversing = 'before-reversing';
    case CoatedBeforeReversing = 'coated-before-reversing';
    case WithTheRest = 'with-the-rest';

    public static function usual(): self
    {
        return self::BeforeReversing;
    }

    public static function about(): Said
    {
        return new Said('route.school.the-underside');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::BeforeReversing => 'route.school.sanded-before-part-turned',
            self::CoatedBeforeReversing => 'route.school.sanded-coated-before-part',
            self::WithTheRest => 'route.school.finished-rest',
        });
    }
}
