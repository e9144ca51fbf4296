<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** What a piece is used for where that asks for a form and sizes of its own, proportions of our own (workshop). */
enum FormUse: string
{
    case Yarn = 'yarn';
    case SteadyCup = 'steady-cup';
    case Grip = 'grip';

    public function label(): Said
    {
        return new Said("geometry.uses.$this->value");
    }

    public function form(): Form
    {
        return match ($this) {
            self::Yarn => Form::DeepBowl,
            self::SteadyCup => Form::Vase,
            self::Grip => Form::ToolHandle,
        };
    }

    /** @return array{diameter_mm: float, height_mm: float, foot_mm: float, wall_mm: float, bore_mm: float} */
    public function sizes(): array
    {
        [$diameter, $height, $foot, $wall, $bore] = match ($this) {
            self::Yarn => [160.0, 110.0, 100.0, 7.0, 0.0],
            self::SteadyCup => [82.0, 95.0, 66.0, 4.0, 0.0],
            self::Grip => [34.0, 125.0, 24.0, 0.0, 8.0],
        };

        return [
            'diameter_mm' => $diameter, 'height_mm' => $height, 'foot_mm' => $foot, 'wall_mm' => $wall,
            'bore_mm' => $bore,
        ];
    }

    /** Why these: what the use asks of diameter, wall, stand and rim. */
    public function because(): Said
    {
        $sizes = $this->sizes();

        return new Said("geometry.use-because.$this->value", [
            'across' => Quantity::mm($sizes['diameter_mm']), 'high' => Quantity::mm($sizes['height_mm']),
            'foot' => Quantity::mm($sizes['foot_mm']), 'wall' => Quantity::mm($sizes['wall_mm']),
        ]);
    }
}
