<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Words\Said;

/** What bores into wood along its own axis. */
enum BitKind: string
{
    case Brad = 'brad';
    case Twist = 'twist';
    case Gun = 'gun';
    case Forstner = 'forstner';
    case Spade = 'spade';
    case Cup = 'cup';

    /** Whether it bores a narrow hole, such as tells a depth. */
    public function isSlender(): bool
    {
        return in_array($this, [self::Brad, self::Twist, self::Gun], true);
    }

    /** Its name within a sentence. */
    public function said(): Said
    {
        return new Said("lathework.bits.$this->value");
    }
}
