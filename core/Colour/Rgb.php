<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/**
 * A colour as a screen shows it, and what light does with it.
 *
 * Published: sRGB transfer curve and primaries, IEC 61966-2-1; CIE L*a*b* under D65, and ΔE of 1976.
 */
final readonly class Rgb
{
    private const LEAST_REFLECTANCE = 0.002;

    private const MOST_REFLECTANCE = 0.998;

    /** sRGB to XYZ, D65. */
    private const TO_XYZ = [
        [0.4124564, 0.3575761, 0.1804375], [0.2126729, 0.7151522, 0.0721750], [0.0193339, 0.1191920, 0.9503041],
    ];

    /** @param  list<float>  $reflectance  linear light, 0 to 1, by channel */
    private function __construct(public array $reflectance)
    {
    }

    /** @throws InvalidField for anything but #rrggbb */
    public static function hex(string $hex, string $field): self
    {
        if (preg_match('/^#[0-9a-f]{6}$/i', $hex) !== 1) {
            throw InvalidField::type($field, $hex, new Said('colour.rgb.colour-such-d8c29a'));
        }

        return new self(array_map(
            fn (int $at): float => self::toLinear(hexdec(substr($hex, $at, 2)) / 255), [1, 3, 5],
        ));
    }

    /** @param  list<float>  $reflectance  linear light, by channel */
    public static function linear(array $reflectance): self
    {
        return new self($reflectance);
    }

    /** As the eye takes it where a share of it is another. */
    public function mixed(self $other, float $share): self
    {
        return new self(array_map(
            fn (float $own, float $its): float => (1 - $share) * $own + $share * $its, $this->reflectance,
            $other->reflectance,
        ));
    }

    /**
     * How much it absorbs against how much it scatters, by channel.
     *
     * Physics (Kubelka and Munk, one constant): K/S = (1 − R)²/2R, R kept within 0.002 and 0.998.
     *
     * @return list<float>
     */
    public function absorption(): array
    {
        return array_map(function (float $r): float {
            $r = max(self::LEAST_REFLECTANCE, min(self::MOST_REFLECTANCE, $r));

            return (1 - $r) ** 2 / (2 * $r);
        }, $this->reflectance);
    }

    /** @param  list<float>  $absorption  K/S by channel */
    public static function absorbing(array $absorption): self
    {
        return new self(array_map(fn (float $ks): float => 1 + $ks - sqrt($ks ** 2 + 2 * $ks), $absorption));
    }

    public function toHex(): string
    {
        return '#'.implode('', array_map(
            fn (float $r): string => sprintf('%02x', (int) round(255 * self::toScreen($r))), $this->reflectance,
        ));
    }

    /** As it would be in a light in which a grey card has its true grey: each channel by what the card lacks. */
    public function balanced(self $card, float $cardReflectance): self
    {
        return new self(array_map(
            fn (float $r, float $grey): float => min(1.0, $r * $cardReflectance / max(self::LEAST_REFLECTANCE, $grey)),
            $this->reflectance, $card->reflectance,
        ));
    }

    /** Each channel as the byte that a screen takes. */
    public function toBytes(): string
    {
        return implode('', array_map(
            fn (float $r): string => chr((int) round(255 * self::toScreen($r))), $this->reflectance,
        ));
    }

    /** The distance that an eye sees between two colours (CIE 1976). */
    public function differenceTo(self $other): float
    {
        [$a, $b] = [$this->lab(), $other->lab()];

        return sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2);
    }

    /** The angle of its hue in the a*b* plane, degrees from 0 up to 360. */
    public function hueDeg(): float
    {
        [, $a, $b] = $this->lab();

        return fmod(rad2deg(atan2($b, $a)) + 360, 360);
    }

    /** How far from grey. */
    public function chroma(): float
    {
        [, $a, $b] = $this->lab();

        return hypot($a, $b);
    }

    /** @return list<float> L*, a*, b* */
    public function lab(): array
    {
        $xyz = array_map(fn (array $row): float => array_sum(array_map(
            fn (float $factor, float $r): float => $factor * $r, $row, $this->reflectance,
        )), self::TO_XYZ);
        // The white is that of the primaries themselves, so that #ffffff has no hue.
        $white = array_map(array_sum(...), self::TO_XYZ);
        [$x, $y, $z] = array_map(fn (float $value, float $of): float => self::cubed($value / $of), $xyz, $white);

        return [116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z)];
    }

    private static function cubed(float $t): float
    {
        return $t > (6 / 29) ** 3 ? $t ** (1 / 3) : $t / (3 * (6 / 29) ** 2) + 4 / 29;
    }

    private static function toLinear(float $value): float
    {
        return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
    }

    private static function toScreen(float $linear): float
    {
        $linear = max(0.0, min(1.0, $linear));

        return $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055;
    }
}
