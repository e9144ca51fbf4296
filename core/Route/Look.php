<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Words\Said;

/**
 * How a surface is looked at before the next thing is laid on it, so that a fault is found before the coat and not
 * after: the closed set. What each answer leads on to is workshop practice.
 */
enum Look: string
{
    case RakingLight = 'raking';
    case Alcohol = 'alcohol';
    case Touch = 'touch';
    case Sheen = 'sheen';
    case Ring = 'ring';
    case Lamp = 'lamp';
    case Weight = 'weight';

    /** @return list<LookAnswer> */
    public function answers(): array
    {
        return match ($this) {
            self::Ring => [LookAnswer::Clean, LookAnswer::All],
            self::Lamp, self::Weight => [LookAnswer::Clean, LookAnswer::Few],
            default => LookAnswer::cases(),
        };
    }

    /** How it is looked at, and what is asked. */
    public function asks(): Said
    {
        return new Said("route.looks.$this->value.asks");
    }

    public function says(LookAnswer $answer): Said
    {
        return new Said("route.looks.$this->value.$answer->value");
    }

    /** What to do about some of it at a place, at once and by hand; then it is looked at again. */
    public function byHand(): Said
    {
        return new Said("route.looks.$this->value.by-hand");
    }

    /** What its picture shows, for who cannot see it. */
    public function pictured(): Said
    {
        return new Said("route.looks.$this->value.pictured");
    }
}
