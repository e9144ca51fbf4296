<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Words\Said;

/** What dust is taken off the work with, between two grits or before a coat. */
enum Wiping: string
{
    case Cloth = 'cloth';
    case Air = 'air';
    case Alcohol = 'alcohol';

    public function label(): Said
    {
        return new Said("abrasive.wipings.{$this->value}.label");
    }

    /** As it is done between grits, in one clause. */
    public function between(): Said
    {
        return new Said("abrasive.wipings.{$this->value}.between");
    }

    /** As it is done as a step of its own. */
    public function how(): Said
    {
        return new Said("abrasive.wipings.{$this->value}.how");
    }
}
