<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Change;
use App\Models\EntryKind;
use App\Models\Kept\Abraded;
use App\Models\Kept\Facts;
use App\Models\Kept\LabelFigures;
use App\Models\Kept\OpenHours;
use App\Models\Kept\Planned;
use App\Models\Kept\UsualAir;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\Learner;
use App\Planning\PieceEditor;
use App\Planning\Planner;
use App\Planning\ShopMapper;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Starter;
use HonestGrain\Reading\Document;
use HonestGrain\Recipe\Recipe;
use HonestGrain\Route\Route;
use HonestGrain\Route\Skill;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/**
 * Bramble Slip, a made-up shop by a made-up harbour, two and a half weeks before the made-up Lantern
 * Quay winter fair. Every date is set around today, so that the shop is always in the middle of it.
 */
class DemoWorkshop
{
    public const EMAIL = 'wren@brambleslip.example';

    public const PASSWORD = 'lapwing-on-the-slip';

    private const RECIPE = 'Tide and scales';

    private const GOOD_FOR = 'Wide bowls in plain wood';

    private Workshop $workshop;

    private User $wren;

    private CarbonInterface $fair;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly PieceEditor $editor,
        private readonly Planner $planner,
        private readonly ShopMapper $mapper,
        private readonly DemoRack $rack,
        private readonly DemoSwatches $swatches,
        private readonly Learner $learner,
    ) {
    }

    public function run(): void
    {
        $this->make(self::EMAIL, 'idris@brambleslip.example', self::PASSWORD, ['is_demo' => true]);
    }

    /** The same workshop for one visitor alone; its first owner. */
    public function visit(): User
    {
        $tag = Str::lower(Str::random(12));

        return $this->make("wren-$tag@visit.example", "idris-$tag@visit.example", Str::random(40), [
            'is_visit' => true, 'last_seen_at' => now(),
        ]);
    }

    /** @param  array<string, mixed>  $marks  what kind of workshop it is */
    private function make(string $wren, string $idris, string $password, array $marks): User
    {
        return DB::transaction(fn (): User => $this->made($wren, $idris, Hash::make($password), $marks));
    }

    /** @param  array<string, mixed>  $marks */
    private function made(string $wren, string $idris, string $password, array $marks): User
    {
        $this->workshop = Workshop::create(
            $marks + [
                'name' => 'Bramble Slip', 'time_zone' => 'Europe/Dublin', 'spare_chucks' => 1,
                'climate' => new UsualAir(
                    dayC: 17.0, dayRh: 58.0, nightC: 12.0, nightRh: 66.0, dayFrom: 8, dayTo: 19,
                ),
            ],
        );
        $this->wren = $this->workshop->users()->create(
            ['name' => 'Wren Tolliver', 'email' => $wren, 'password' => $password, 'role' => Role::Owner],
        );
        $idris = $this->workshop->users()->create(
            ['name' => 'Idris Pell', 'email' => $idris, 'password' => $password, 'role' => Role::Maker],
        );
        $this->workshop->workers()->create(['name' => $this->wren->name, 'user_id' => $this->wren->id]);
        $this->workshop->workers()->create([
            'name' => $idris->name, 'user_id' => $idris->id,
            'hours' => new OpenHours(['thu' => [['13:00', '17:00']], 'sat' => [['09:00', '13:00']]]),
            'skills' => [Skill::Sanding->value, Skill::Finishing->value],
        ]);
        $this->fair = now($this->workshop->time_zone)->startOfDay()->addDays(18)->setTime(9, 0);
        $this->workshop->update(
            ['closed' => [$this->fair->toDateString(), $this->fair->copy()->addDay()->toDateString()]],
        );
        $this->shelf();
        $this->rack->air($this->workshop);
        $this->rack->lathe($this->workshop);
        $this->swatches->fill($this->workshop);
        $this->pieces();
        $this->rack->fill($this->workshop);
        $this->month();
        $this->sales();
        $this->recipes();
        $this->learner->derive($this->workshop);
        $this->planner->plan($this->workshop);
        $this->planner->weighSoon($this->workshop);

        return $this->wren;
    }

    /** For whom some of them are, and what is asked. */
    private function sales(): void
    {
        $this->workshop->update(['hour_rate' => 26, 'lathe_kw' => 1.1, 'kwh_price' => 0.31]);
        foreach ([
            'Christening bowl' => ['Orla Fenn', 140], 'Ebb bowl' => [null, 320], 'Skerry box' => ['Tam Rushby', 165],
            'Pair-trawl goblet' => [null, 118],
        ] as $name => [$for, $price]) {
            $this->workshop->pieces()->where('name', $name)->first()?->sale()->create([
                'for_whom' => $for, 'price' => $price,
            ]);
        }
    }

    /** A surface of its own, kept from a piece. */
    private function recipes(): void
    {
        $of = $this->workshop->pieces()->where('name', 'Ebb bowl')->firstOrFail();
        $recipe = Recipe::of($this->mapper->piece($this->workshop, $of->document), self::RECIPE)
            ->named(self::RECIPE, self::GOOD_FOR);
        $this->workshop->recipes()->create(['name' => $recipe->name, 'document' => $recipe->toDocument()]);
    }

    private function shelf(): void
    {
        $prices = ['P80' => 0.55, 'P120' => 0.5, 'P600' => 0.65, 'CAMI 220' => 0.35, 'CAMI 320' => 0.35];
        foreach ([
            'P80' => 12, 'P120' => 30, 'P150' => 8, 'P180' => 26, 'P240' => 24, 'CAMI 220' => 5, 'P320' => 18,
            'CAMI 320' => 6, 'P400' => 14, 'P600' => 9,
        ] as $grit => $discs) {
            $this->workshop->abrasives()->create([
                'grit' => $grit, 'discs' => $discs, 'price' => $prices[$grit] ?? 0.4,
            ]);
        }
        foreach ([
            ['Oil-varnish blend', ['recoat_from_h' => 14.0], 620, 40, 'Half gone; skin on top strained off.'],
            ['Wiping varnish (oil-based thinned)', [], 410, 95, null],
            ['Dewaxed shellac (2 lb cut)', [], 250, 12, 'Mixed by ourselves, date on the jar.'],
            ['Shellac sanding sealer', [], 300, 30, null],
            ['Hard-wax oil', ['coverage_m2_per_l' => 26.0], 375, 20, 'The label says thinner than most.'],
            ['Aerosol lacquer (nitrocellulose)', [], 180, 60, 'Second can.'],
            ['Cellulose sanding sealer', [], 500, 120, null],
            ['Friction polish (shellac oil alcohol)', [], 220, 150, null],
            ['Microcrystalline wax', [], 150, 200, null],
            ['Walnut oil (heat-treated)', [], 480, 15, null],
            ['Water dye (powder)', [], 90, 8, 'Harbour blue, 1 part to 40.'],
            ['Alcohol dye (powder)', [], 60, 35, null],
        ] as [$product, $label, $ml, $age, $note]) {
            $this->workshop->tins()->create(
                [
                    'product' => $product, 'label' => new LabelFigures($label), 'stock_ml' => $ml,
                    'opened_on' => now()->subDays($age)->toDateString(), 'note' => $note,
                ],
            );
        }
        foreach ([
            'Oil-varnish blend' => 37.0, 'Wiping varnish (oil-based thinned)' => 29.5, 'Hard-wax oil' => 54.0,
            'Dewaxed shellac (2 lb cut)' => 41.0, 'Walnut oil (heat-treated)' => 22.0,
        ] as $product => $price) {
            $this->workshop->tins()->where('product', $product)->update(['price_per_l' => $price]);
        }
        $this->workshop->abrasives()->update(['price' => 0.45]);
        foreach ([['cloth', 64, 0.08], ['gloves', 31, 0.18], ['cup', 40, 0.11], ['pad', 6, 1.2]] as $row) {
            $this->workshop->goods()->create(['good' => $row[0], 'stock' => $row[1], 'price' => $row[2]]);
        }
        $this->workshop->mixes()->create(['name' => 'Slip wiping oil', 'typed' => Document::of([
            'name' => 'Slip wiping oil', 'parts' => [
                ['product' => 'Walnut oil (heat-treated)', 'parts' => 2],
                ['product' => 'Wiping varnish (oil-based thinned)', 'parts' => 1],
                ['product' => 'Mineral spirits', 'parts' => 1],
            ], 'recoat_from_h' => 20.0, 'handle_h' => 48.0, 'note' => 'For bowls that are used; two thin coats.',
        ])]);
    }

    private function pieces(): void
    {
        $fair = $this->fair->copy()->subDay()->setTime(17, 0);
        $soon = fn (int $days): CarbonInterface => now($this->workshop->time_zone)->addDays($days)->setTime(17, 0);
        $tide = fn (string $id, string $name, string $colour, float $um): array => $this->mark(
            'dye', $id, 72.0, 100.0, [
                'product' => 'Water dye (powder)', 'colour' => $colour, 'strength' => 0.8, 'sanded_um' => $um,
            ], $name,
        );
        $line = fn (string $id, float $at): array => $this->mark('burnt-line', $id, $at, $at + 1.6);
        $all = [Face::Outside, Face::Inside, Face::Rim];

        // On the rack, not begun.
        $this->piece('Sallow Point platter', Form::Platter, [330, 34, 150, 9], 'Sycamore (American)', $fair, [
            'coats' => $this->stack('hard-wax-oil', $all),
            'marks' => [
                $this->mark('stain', 'silt', 50.0, 66.0, [
                    'product' => 'Pigment wiping stain', 'colour' => '#6b4a2c',
                ], 'Silt'),
                $this->mark('paint', 'weed', 70.0, 80.0, [
                    'product' => 'Acrylic paint', 'colour' => '#3d5a4c',
                ], 'Weed'),
                $this->mark('leaf', 'glint', 84.0, 94.0, ['colour' => '#c2a24a'], 'Glint'),
            ],
        ]);
        $this->piece('Pair-trawl goblet', Form::Goblet, [82, 185, 72, 4], 'Cherry (black)', $fair, [
            'purpose' => 'display', 'coats' => $this->stack('sealed-and-waxed', $all),
            'marks' => [
                $this->mark('coves', 'stem', 60.0, 78.0, ['count' => 3, 'fillet_mm' => 1]),
                $this->mark('grooves', 'line', 150.0, 156.0, ['count' => 2, 'width_mm' => 1, 'depth_mm' => 0.6]),
            ],
        ]);
        $this->piece('Curlew spindle', Form::Spindle, [46, 240, 40, 0], 'Holly (American)', $fair, [
            'purpose' => 'display',
            'marks' => [
                $this->mark('burnt-line', 'ring', 60.0, 62.0), $this->mark('spun-texture', 'reed', 66.0, 84.0),
                $this->mark('beads', 'row', 20.0, 50.0, ['count' => 5, 'fillet_mm' => 1.5]),
                $this->mark('facets', 'flats', 100.0, 150.0, ['count' => 12]),
            ],
        ]);
        $this->piece('Foreland bowl', Form::NaturalEdge, [196, 88, 68, 7], 'Apple', $fair, ['features' => [
            $this->flaw('shake', 'crack', 62.0, 84.0, [80, 88], 0.4, 5.0), 'bark',
        ]]);
        // Bare outside: a coloured wax is the last thing on it.
        $this->piece('Saltings dish', Form::ShallowBowl, [240, 70, 80, 8], 'Oak (white)', $soon(30), [
            'coats' => $this->stack('hard-wax-oil', [Face::Inside, Face::Rim]),
            'surface' => ['stop_at' => ['outside' => 'P240']],
            'marks' => [
                $this->mark('grooves', 'bank', 57.0, 59.0, ['width_mm' => 1.5, 'depth_mm' => 1]),
                $this->mark('wire-brush', 'ebb', 60.0, 100.0, [], 'Mud, brushed'),
                $this->mark('ebonise', 'mud', 60.0, 100.0, ['product' => 'Iron liquor (ebonising)'], 'Mud, black'),
                $this->mark('lime', 'wax', 60.0, 100.0, [
                    'product' => 'Coloured wax', 'colour' => '#e9e4d8',
                ], 'Salt in the pores'),
                ['on' => 'inner'] + $this->mark('bleach', 'salt', 8.0, 22.0, ['product' => 'Two-part bleach'], 'Salt'),
            ],
        ]);
        $this->piece('Samphire mill', Form::Mill, [58, 190, 54, 0, 27], 'Walnut (European)', $soon(30), [
            'marks' => [$this->mark('inlay', 'band', 90.0, 93.0, [
                'width_mm' => 3, 'depth_mm' => 2, 'filling' => 'metal', 'colour' => '#b08d4a',
            ], 'Brass band')],
        ]);
        // Mid-dye: the colour went on this morning, or last evening before the shop opens.
        $ebb = $this->piece('Ebb bowl', Form::ShallowBowl, [288, 84, 96, 8], 'Ash (white)', $fair, [
            'marks' => [
                $this->mark('flutes', 'shore', 18.0, 66.0, [
                    'count' => 24, 'radius_mm' => 4, 'depth_mm' => 1.8, 'fade_mm' => 14,
                ], 'Shore'),
                $line('low', 70.0), $tide('tide', 'Tide, dark', '#12222d', 60.0),
                $tide('tide-2', 'Tide, deep', '#1d6b86', 20.0), $tide('tide-3', 'Tide, shallow', '#c9a24a', 0.0),
                $line('high', 101.0),
                $this->mark('pen-pattern', 'scales', 106.0, 120.0, ['unit' => 'scale', 'count' => 48], 'Rim scales'),
            ],
            'coats' => $this->stack('wiping-varnish', $all),
            'surface' => ['cut' => ['outside' => 'torn', 'inside' => 'bevel-cut']],
        ]);
        $this->work($ebb, 'tide', $this->lately(2));
        // A window that closes today: first varnish coat last evening.
        $gorse = $this->piece('Gorse vase', Form::Vase, [104, 205, 66, 7], 'Locust (black)', $soon(24), [
            'purpose' => 'display', 'marks' => [
                $this->mark('pen-pattern', 'thorn', 150.0, 185.0, ['unit' => 'thorn', 'count' => 16]),
            ],
        ]);
        $this->work($gorse, $this->coat($gorse, 2), $this->soThatWindowClosesToday());
        // Waiting between coats.
        $harbour = $this->piece('Harbour bowl', Form::DeepBowl, [214, 110, 78, 8], 'Walnut (black)', $fair, []);
        $this->work($harbour, $this->coat($harbour, 1), $this->lately(5));
        // A box whose lid is of another wood; the body has a hairline that was run with thin CA.
        $skerry = $this->piece('Skerry box', Form::LiddedBox, [78, 92, 68, 6], 'Persimmon (common)', $soon(9), [
            'marks' => [$this->mark('scorch', 'char', 60.0, 88.0, ['level' => 'black'])], 'lid' => 'Holly (American)',
            // Left open: nothing is glued where the box is scorched.
            'features' => [['wish' => 'keep'] + $this->flaw('hairline', 'crack', 8.0, 30.0, [20, 24], 0.2, 3.0)],
        ]);
        $this->work($skerry, 'body/wipe-clean', $this->lately(3));
        $kelp = $this->piece('Kelp hollow form', Form::HollowForm, [150, 140, 52, 6], 'Maple (bigleaf)', $fair, [
            'purpose' => 'display', 'coats' => $this->stack('sprayed-lacquer', [Face::Outside, Face::Rim]),
            'marks' => [
                $this->mark('dimples', 'sand', 34.0, 62.0, [
                    'per_cm2' => 5, 'size_mm' => 2.5, 'depth_mm' => 0.7,
                ], 'Sand'),
                $this->mark('piercing', 'holdfast', 150.0, 170.0, ['size_mm' => 4, 'pitch_mm' => 12], 'Holdfast'),
            ],
            'features' => [$this->flaw('spalt', 'soft', 90.0, 112.0, [200, 250], null, null)],
        ]);
        $this->work($kelp, 'body.outside/sand', $this->lately(22));
        // Hopelessly late: oil for food, due in four days, its oil needs weeks.
        $christening = $this->piece('Christening bowl', Form::DeepBowl, [
            180, 90, 70, 7,
        ], 'Beech (American)', $soon(4), [
            'purpose' => 'food', 'coats' => $this->stack('walnut-oil', $all),
            'note' => 'Promised to the Marrs for the naming day.',
        ]);
        $this->work($christening, $this->coat($christening, 1), $this->lately(20));
        // Done, and on the table by the door.
        $done = $this->piece('Lantern bowl', Form::ShallowBowl, [200, 62, 70, 6], 'Birch (yellow)', $fair, [
            'purpose' => 'display', 'coats' => $this->stack('sealed-and-waxed', $all),
        ]);
        $this->work($done, 'body/weigh', $this->lately(48));
    }

    /**
     * @param  array<string, mixed>  $settings
     * @return array<string, mixed>
     */
    private function mark(
        string $technique,
        string $id,
        float $from,
        float $to,
        array $settings = [],
        ?string $name = null,
    ): array {
        return [
            'id' => $id, 'technique' => $technique, 'on' => 'outer', 'from_mm' => $from, 'to_mm' => $to,
            'settings' => $settings, 'name' => $name,
        ];
    }

    /**
     * @param  array{int, int}  $azimuth
     * @return array<string, mixed>
     */
    private function flaw(
        string $id,
        string $kind,
        float $from,
        float $to,
        array $azimuth,
        ?float $width,
        ?float $depth,
    ): array {
        return [
            'id' => $id, 'kind' => $kind, 'on' => 'outer', 'from_mm' => $from, 'to_mm' => $to,
            'azimuth_deg' => $azimuth,
            'width_mm' => $width, 'depth_mm' => $depth,
        ];
    }

    /** The id of the n-th coat that lies on the outside. */
    private function coat(Piece $piece, int $n): string
    {
        foreach ($piece->document->fields()['parts'][0]['coats'] as $plan) {
            if (in_array(Face::Outside->value, $plan['zones'], true)) {
                return $plan['layers'][$n - 1]['id'];
            }
        }

        throw new \LogicException("$piece->name has no coat $n on its outside.");
    }

    /** So many hours ago; where that is outside the shop's day, the evening before. */
    private function lately(int $hours): CarbonInterface
    {
        $at = now($this->workshop->time_zone)->subHours($hours);

        return match (true) {
            $at->hour < 9 => $at->subDay()->setTime(17, 30 + $hours % 7),
            $at->hour >= 18 => $at->setTime(17, 30 + $hours % 7),
            default => $at,
        };
    }

    /** A varnish coat whose recoat window shuts late today, in this shop's air, whatever the hour is now. */
    private function soThatWindowClosesToday(): CarbonInterface
    {
        $endOfDay = now($this->workshop->time_zone)->setTime(23, 30)->getTimestamp();
        $varnish = $this->mapper->coatings($this->workshop->load('tins'))->coating(
            'Wiping varnish (oil-based thinned)',
        );
        $clock = $this->mapper->clock($this->workshop);
        $at = $endOfDay;
        while ($clock->run($varnish->recoatUntilHours ?? 0.0, $varnish->kinetics(), $at)->end > $endOfDay) {
            $at -= 600;
        }

        return CarbonImmutable::createFromTimestamp(min($at, now()->subMinutes(30)->getTimestamp()));
    }

    /**
     * @param  list<float|int>  $sizes
     * @param  array<string, mixed>  $more  fields of the piece or of its body; "lid": the lid's wood
     */
    private function piece(
        string $name,
        Form $form,
        array $sizes,
        string $wood,
        CarbonInterface $due,
        array $more,
    ): Piece {
        $document = Starter::document(
            $this->catalogue->calibration()->joints, $form, $form->profile(
                ...array_map(floatval(...), $sizes),
            ), $this->catalogue->stacks(), [
                'name' => $name, 'wood' => $wood, 'moisture_percent' => 9.5, 'note' => $more['note'] ?? '',
                'purpose' => $more['purpose'] ?? 'handled', 'due_at' => $due->copy()->utc()->format('Y-m-d\TH:i:s\Z'),
            ],
        );
        $bark = $document['parts'][0]['features'][0] ?? null;
        $document['parts'][0]['surface'] = ($more['surface'] ?? []) + ($document['parts'][0]['surface'] ?? []);
        foreach (['marks', 'coats', 'features'] as $key) {
            $document['parts'][0][$key] = array_map(
                fn (mixed $one): mixed => $one === 'bark' ? $bark : $one, $more[$key] ?? $document['parts'][0][$key],
            );
        }
        if (isset($more['lid'])) {
            $document['parts'][1]['wood'] = $more['lid'];
        }

        return $this->editor->create($this->workshop, Document::of($document), $this->wren, Change::Drawn, plan: false);
    }

    /**
     * @param  list<Face>  $faces
     * @return list<array<string, mixed>>
     */
    private function stack(string $id, array $faces): array
    {
        foreach ($this->catalogue->stacks() as $stack) {
            if ($stack->id === $id) {
                return [['id' => Id::fresh('c')] + $stack->planFor($faces, Id::fresh(...))];
            }
        }

        return [];
    }

    /**
     * Logs every step up to and with one as done, the last at a given time and the others before it with their waits.
     */
    private function work(Piece $piece, string $upTo, CarbonInterface $at): void
    {
        $steps = [];
        $route = Route::of(
            $this->mapper->piece($this->workshop, $piece->document),
            $this->mapper->bench($this->workshop->load('abrasives')), $this->mapper->tables($this->workshop),
        );
        $isThere = false;
        foreach ($route->steps as $step) {
            // What was flooded on has been wiped off by then.
            if ($isThere && $step->kind !== StepKind::WipeOff) {
                break;
            }
            $steps[] = $step;
            $isThere = $isThere || $step->id === $upTo;
        }
        $when = $at->copy()->utc()->startOfMinute();
        foreach (array_reverse($steps) as $step) {
            $this->log($piece, $step, $when);
            $wait = max([0.0, ...array_map(fn ($lag): float => $lag->wait->minHours * 1.5, $step->timing->after)]);
            $when = $when->copy()->subMinutes((int) $step->timing->minutes + 5)->subMinutes((int) ($wait * 60));
            $local = $when->copy()->setTimezone($this->workshop->time_zone);
            if ($local->hour >= 18 || $local->hour < 8) {
                $when = $local->subHours($local->hour < 8 ? $local->hour + 7 : $local->hour - 17)->utc();
            }
        }
    }

    private function log(Piece $piece, Step $step, CarbonInterface $when): void
    {
        // No two steps take as long as was planned, and the demo is the same each time.
        $length = strlen($step->id);
        $pace = 0.85 + 0.05 * ($piece->id + $length) % 8 / 10 + 0.05 * ($length % 7);
        LogEntry::query()->forceCreate([
            'workshop_id' => $this->workshop->id, 'piece_id' => $piece->id, 'user_id' => $this->wren->id,
            'kind' => EntryKind::Done, 'step' => $step->id, 'title' => $step->words->title,
            'happened_at' => $when, 'minutes' => $step->timing->minutes > 0 ? round(
                $step->timing->minutes * $pace,
            ) : null,
            'facts' => new Facts(
                planned: new Planned(minutes: $step->timing->minutes, product: $step->work->supplies->product),
                abraded: $step->work->supplies->abrading === null
                    ? null : Abraded::of($step->work->supplies->abrading, null),
                climate: $this->workshop->climate,
            ),
            'once_key' => "$piece->id:$step->id:0",
        ]);
    }

    /** A month of the shop's own notes. */
    private function month(): void
    {
        foreach ([
            [29, 'Heater serviced. Holds seventeen by day if the door stays shut.'],
            [26, 'Ash from the churchyard wall: clean, no shake. Two blanks rough-turned.'],
            [22, 'Pen tip rewound; burns finer at the lower mark.'],
            [17, 'Fair stall confirmed: third from the slip, with the lantern hook.'],
            [13, 'Test board: harbour blue 1:40 over ash, sanded back P320. Keep.'],
            [9, 'Rain all week, sixty-eight percent in the evening. No spraying.'],
            [6, 'Lantern bowl sold before the fair; asked to keep it on the table until then.'],
            [3, 'P150 is running out.'],
            [1, 'Idris in on Saturday morning for packing.'],
        ] as [$days, $body]) {
            $this->workshop->logEntries()->create(
                [
                    'user_id' => $this->wren->id, 'kind' => EntryKind::Note,
                    'happened_at' => now()->subDays($days)->setTime(16, 20), 'body' => $body,
                ],
            );
        }
    }
}
