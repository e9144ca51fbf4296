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

    /** Its name within a sentence. */
    public function said(): Said
    {
        return new Said("lathework.bits.$this->value");
    }
}
