<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Dye;
use App\Models\Swatch;
use App\Models\Workshop;
use HonestGrain\Colour\DyeDose;
use HonestGrain\Colour\DyeFactors;
use HonestGrain\Colour\DyeRecipe;
use HonestGrain\Colour\Mixture;
use HonestGrain\Colour\Over;
use HonestGrain\Colour\Rgb;
use HonestGrain\Drawing\ColourWheel;
use HonestGrain\Piece\Tables;
use HonestGrain\Wood\Wood;
use Illuminate\Http\Request;

/** The wheel of what the owned dyes mix to, on a wood, and the mixture that is chosen on it. */
final readonly class WheelPage
{
    private const USUAL_STRENGTH = 1.0;

    private const KEPT_SECONDS = 3 * 86_400;

    /**
     * @param  list<Mixture>  $mixtures
     * @param  array<string, Dye>  $dyes  by name
     * @param  list<string>  $woods
     */
    private function __construct(
        public array $mixtures,
        public int $picked,
        public Wood $wood,
        public float $strength,
        public float $areaCm2,
        private array $dyes,
        private Tables $tables,
        public array $woods,
    ) {
    }

    public static function of(Request $request, Workshop $workshop, Tables $tables): self
    {
        $dyes = $workshop->dyes()->get()->keyBy('name')->all();
        $mixtures = Mixture::all(array_map(fn (Dye $dye): Rgb => Rgb::hex($dye->rgb, 'rgb'), $dyes));
        $names = $tables->woods->names();
        $usual = $workshop->swatches()->first()->wood
            ?? (string) ($workshop->pieces()->latest('updated_at')->value('wood') ?? $names[0]);
        $wood = $request->string('wood')->toString();

        return new self(
            $mixtures, max(0, min(count($mixtures) - 1, $request->integer('pick'))),
            $tables->woods->named(in_array($wood, $names, true) ? $wood : $usual, 'wood'),
            max(0.05, min(5.0, $request->float('strength', self::USUAL_STRENGTH))),
            max(1.0, min(100_000.0, $request->float('area', 200))), $dyes, $tables, $names,
        );
    }

    public function isEmpty(): bool
    {
        return $this->mixtures === [];
    }

    /** Drawn once for the same dyes on the same wood. */
    public function drawn(Show $show): string
    {
        $of = hash('xxh128', serialize([
            array_map(fn (Dye $dye): array => [$dye->rgb, $dye->product], $this->dyes), $this->link($this->picked),
            $this->wood->nature->rgb, $this->tables->calibration->colour, config('app.release'), config('app.locale'),
            array_map($this->factors(...), array_column($this->dyes, 'product')),
        ]));
        $named = fn (Mixture $mixture): string => $this->named($mixture, $show);

        return cache()->remember("wheel-$of", self::KEPT_SECONDS, fn (): string => (new ColourWheel(
            $this->mixtures, $this->picked, $this->onWood(...), $this->link(...), $named,
        ))->drawn());
    }

    public function chosen(): Mixture
    {
        return $this->mixtures[$this->picked];
    }

    /** @return array<string, array{string, string}> name, and address, of what goes with the chosen one */
    public function company(Show $show): array
    {
        $hue = $this->chosen()->hueDeg;
        $others = array_values(array_filter(
            $this->mixtures, fn (Mixture $mixture): bool => $mixture !== $this->chosen(),
        ));
        if ($others === []) {
            return [];
        }
        $company = [];
        foreach (['across' => 180, 'beside' => 30, 'other' => -30] as $where => $by) {
            $found = Mixture::nearestHue($others, fmod($hue + $by + 360, 360));
            $company[say("view.wheel-page.$where")] = [
                $this->named($found, $show),
                $this->link((int) array_search($found, $this->mixtures, true)),
            ];
        }

        return $company;
    }

    /** How far it stands off the bare wood: ΔE. */
    public function contrast(): float
    {
        return $this->onWood($this->chosen(), null)->differenceTo($this->bare());
    }

    /** @return array<string, string> colours by what they show */
    public function chips(): array
    {
        $mixture = $this->chosen();
        [$early, $late, $figure] = $this->tissues($mixture, null);

        return [
            say('view.wheel-page.bare-wood') => $this->bare()->toHex(),
            say('view.wheel-page.early-wood') => $early->toHex(), say('view.wheel-page.late-wood') => $late->toHex(),
            say('view.wheel-page.end-grain') => $figure->toHex(),
            say('view.wheel-page.oiled') => $this->tissues($mixture, Over::Oil)[0]->toHex(),
            say('view.wheel-page.clear-coat') => $this->tissues($mixture, Over::Clear)[0]->toHex(),
            say('view.wheel-page.ambering-coat') => $this->tissues($mixture, Over::Amber)[0]->toHex(),
        ];
    }

    public function recipe(): DyeRecipe
    {
        return DyeRecipe::of(
            $this->chosen(), DyeDose::of($this->tables->calibration->colour, $this->areaCm2 * 100, $this->strength),
            array_map(fn (Dye $dye): ?float => $dye->price, $this->dyes),
        );
    }

    /** The class that its dyes belong to, as a mark takes it. */
    public function product(): string
    {
        return $this->dyes[(string) array_key_first($this->chosen()->parts)]->product ?? '';
    }

    /** "Slate" or "2 parts slate, 1 amber" */
    public function named(Mixture $mixture, Show $show): string
    {
        return $show->said($mixture->name());
    }

    public function link(int $pick): string
    {
        return route('swatches', ['pick' => $pick, 'wood' => $this->wood->name, 'strength' => $this->strength,
            'area' => $this->areaCm2]);
    }

    private function onWood(Mixture $mixture, ?Over $coat = null): Rgb
    {
        [$early, $late] = $this->tissues($mixture, $coat);

        return $early->mixed($late, $this->tables->calibration->colour->lateShare);
    }

    /** @return list<Rgb> */
    private function tissues(Mixture $mixture, ?Over $coat): array
    {
        $product = $this->dyes[(string) array_key_first($mixture->parts)]->product ?? null;

        return $mixture->on(
            Rgb::hex(
                $this->wood->nature->rgb, 'wood',
            ), $product === null ? 'water' : Swatch::carrier($this->tables, $product),
            $this->strength,
            $this->factors($product),
            $this->tables->calibration->colour, $coat,
        );
    }

    private function factors(?string $product): DyeFactors
    {
        return $product === null ? DyeFactors::usual() : $this->tables->dyes->of($this->wood->name, $product);
    }

    private function bare(): Rgb
    {
        return Rgb::hex($this->wood->nature->rgb, 'wood');
    }
}
