<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

/** What a wood's own dust does, beyond what all fine dust does. */
enum Dust: string
{
    case Common = '';
    case Irritates = 'irritates';
    case Sensitises = 'sensitises';
    case SensitisesStrongly = 'sensitises strongly';
    case Poisonous = 'poisonous';

    /** Whether skin and lungs want more than a mask for common dust. */
    public function harms(): bool
    {
        return in_array($this, [self::Sensitises, self::SensitisesStrongly, self::Poisonous], true);
    }
}
