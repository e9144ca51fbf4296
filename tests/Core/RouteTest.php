<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\ClimateRecord;
use HonestGrain\Coating\CureClock;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Exception\BadInput;
use HonestGrain\Exchange\Document;
use HonestGrain\Geometry\Form;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Piece;
use HonestGrain\Route\Remaining;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RouteTest extends TestCase
{
    private const VARNISH = 'Wiping varnish (oil-based thinned)';

    private const DYE = ['id' => 'tide', 'kind' => 'dye', 'on' => 'outer', 'from_mm' => 60, 'to_mm' => 90, 'product' => 'Water dye (powder)', 'colour' => '#2e4d63'];

    public function test_marks_stand_in_the_order_of_the_craft_whatever_order_they_were_placed_in(): void
    {
        $marks = [self::DYE];
        foreach (['pen-pattern', 'scorch', 'spun-texture', 'flutes', 'v-groove'] as $i => $kind) {
            $marks[] = ['id' => $kind, 'kind' => $kind, 'on' => 'outer', 'from_mm' => 10 * $i, 'to_mm' => 10 * $i + 5];
        }
        $kinds = array_values(array_filter(array_map(fn (Step $step): string => $step->id, $this->route(['marks' => $marks])->steps), fn (string $id): bool => str_starts_with($id, 'mark-')));
        self::assertSame(['mark-v-groove', 'mark-flutes', 'mark-spun-texture', 'mark-scorch', 'mark-pen-pattern', 'mark-tide'], $kinds);
    }

    public function test_every_form_has_a_whole_route_that_ends_ready_with_reasons(): void
    {
        foreach (Form::cases() as $form) {
            $profile = $form->profile(...array_values($form->sizes()));
            $zones = $profile->inner === null ? ['outside', 'top'] : ['outside', 'inside', 'rim'];
            $steps = $this->route(['form' => $form->value, 'shape' => $profile->toArray(), 'coats' => [['zones' => $zones, 'layers' => [['product' => 'Oil-varnish blend']], 'buff' => false]]])->steps;
            $ids = array_map(fn (Step $step): string => $step->id, $steps);
            self::assertSame('hold', $ids[0]);
            self::assertSame(['cure', 'ready'], array_slice($ids, -2));
            self::assertLessThan(array_search('foot', $ids, true), array_search('sign', $ids, true) - 2, $form->value);
            foreach ($steps as $i => $step) {
                self::assertNotSame('', $step->because);
                foreach ($step->after as $lag) {
                    self::assertContains($lag->task, array_slice($ids, 0, $i));
                }
            }
            self::assertSame($form === Form::LiddedBox, in_array('fit-lid', $ids, true));
        }
    }

    public function test_a_recoat_window_reaches_from_coat_to_coat_past_the_rubbing_between(): void
    {
        $steps = $this->steps(['coats' => [['zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => self::VARNISH], ['product' => self::VARNISH, 'denib' => 'pad']], 'buff' => true]]]);
        $second = $steps['coat-outside+inside+rim-2'];
        self::assertSame('coat-outside+inside+rim-1', $second->after[0]->task);
        self::assertSame([4.0, 18.0], [$second->after[0]->wait->minHours, $second->after[0]->wait->maxHours]);
        self::assertSame('denib-coat-outside+inside+rim-2', $second->after[1]->task);
        self::assertSame(504.0, $steps['buff-coat-outside+inside+rim']->after[0]->wait->minHours);
        self::assertContains('rags', array_map(fn ($hazard): string => $hazard->value, $second->hazards));
        self::assertSame('buff-coat-outside+inside+rim', $steps['foot']->after[0]->task);
    }

    public function test_food_waits_for_full_cure_and_oily_wood_slows_it(): void
    {
        $oil = ['coats' => [['zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => 'Walnut oil (heat-treated)']], 'buff' => false]]];
        self::assertSame(72.0, $this->steps($oil)['cure']->after[0]->wait->minHours);
        self::assertSame(720.0, $this->steps($oil + ['purpose' => 'food'])['cure']->after[0]->wait->minHours);
        self::assertSame(2.5, $this->steps($oil + ['wood' => 'Teak'])['cure']->after[0]->wait->kinetics?->slowedBy);
    }

    public function test_water_raises_the_grain_before_the_first_wet_step(): void
    {
        self::assertArrayHasKey('raise-grain', $this->steps(['marks' => [self::DYE]]));
        self::assertArrayNotHasKey('raise-grain', $this->steps([]));
    }

    public function test_contradictions_are_said_with_choices(): void
    {
        $said = fn (array $more): string => implode(' ', array_map(fn ($c): string => ($c->forbids ? 'FORBID ' : 'WARN ').$c->message.' '.implode('|', $c->choices), $this->route($more)->conflicts));
        $coats = fn (string ...$products): array => ['coats' => [['zones' => ['outside', 'inside', 'rim'], 'layers' => array_map(fn (string $p): array => ['product' => $p], $products), 'buff' => false]]];
        self::assertStringContainsString('FORBID Wiping varnish (oil-based thinned) over Paste wax: nothing sticks over wax', $said($coats('Paste wax', self::VARNISH)));
        self::assertStringContainsString('The first coat asks for scratches of 6.6 µm or less, the dye for 8.0', $said(['marks' => [self::DYE]] + $coats('Friction polish (shellac oil alcohol)')));
        self::assertStringContainsString('would be dragged about', $said(['marks' => [['product' => 'Alcohol dye (powder)'] + self::DYE]] + $coats('Dewaxed shellac (2 lb cut)')));
        self::assertStringContainsString('lie on the same place', $said(['marks' => [['id' => 'a', 'kind' => 'flutes', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 30], ['id' => 'b', 'kind' => 'scorch', 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 40]]]));
        self::assertStringContainsString('size falls by', $said(['surface' => ['own' => ['outside' => ['P80', 'P320']]]]));
        self::assertSame('', $said($coats(self::VARNISH, self::VARNISH)));
    }

    public function test_what_is_left_counts_running_waits_and_hands_skipped_ones_on(): void
    {
        $route = $this->route(['coats' => [['zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => self::VARNISH], ['product' => self::VARNISH, 'denib' => 'pad'], ['product' => self::VARNISH]], 'buff' => false]]]);
        $clock = new CureClock(ClimateRecord::of([[0, 21.0, 50.0]]));
        $done = [];
        foreach ($route->steps as $step) {
            $done[$step->id] = 1_000_000_020;
            if ($step->id === 'coat-outside+inside+rim-1') {
                break;
            }
        }
        $tasks = fn (array $skipped): array => array_column(Remaining::of('1', 'Ebb bowl', null, 1, $route, $done, $skipped, $clock)->tasks, null, 'id');
        $second = $tasks([])['coat-outside+inside+rim-2'];
        self::assertSame(1_000_000_020 + 4 * 3600, $second->notBefore);
        self::assertSame(1_000_000_020 + 18 * 3600, $second->notAfter);
        $third = $tasks(['coat-outside+inside+rim-2' => true, 'denib-coat-outside+inside+rim-2' => true])['coat-outside+inside+rim-3'];
        self::assertSame(1_000_000_020 + 4 * 3600, $third->notBefore);
        self::assertSame([], $third->after);
    }

    public function test_a_document_survives_reading_and_writing(): void
    {
        $first = $this->piece(['marks' => [self::DYE], 'surface' => ['tool_mark_um' => 60, 'own' => ['rim' => ['P120', 'CAMI 220']]], 'due_at' => '2026-12-12T17:00:00Z', 'note' => 'for the door'])->toArray();
        $json = json_encode($first, JSON_THROW_ON_ERROR);
        self::assertSame($json, json_encode(Piece::read(Document::decode($json), Catalogue::shipped())->toArray()));
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_name(array $more, string $field): void
    {
        try {
            $this->piece($more);
            self::fail('It was taken.');
        } catch (BadInput $e) {
            self::assertSame($field, $e->field, $e->getMessage());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'format' => [['format' => 'other'], 'format'];
        yield 'version' => [['version' => 2], 'version'];
        yield 'wood' => [['wood' => 'Unobtainium'], 'wood'];
        yield 'grit' => [['surface' => ['own' => ['outside' => ['120']]]], 'surface.own.outside.0'];
        yield 'zone' => [['surface' => ['own' => ['lid' => ['P120']]]], 'surface.own.lid'];
        yield 'mark off the piece' => [['marks' => [['from_mm' => 500, 'to_mm' => 510] + self::DYE]], 'bands.tide'];
        yield 'mark twice' => [['marks' => [self::DYE, self::DYE]], 'marks.1.id'];
        yield 'colour' => [['marks' => [['colour' => 'blue'] + self::DYE]], 'marks.0.colour'];
        yield 'product' => [['coats' => [['zones' => ['outside'], 'layers' => [['product' => 'Ketchup']]]]], 'coats.0.layers.0.product'];
        yield 'zone twice' => [['coats' => [['zones' => ['outside'], 'layers' => []], ['zones' => ['outside'], 'layers' => []]]], 'coats.1.zones.0'];
    }

    public function test_the_true_size_drawing_is_as_large_as_the_piece(): void
    {
        $piece = $this->piece(['marks' => [self::DYE, ['id' => 'ring', 'kind' => 'v-groove', 'on' => 'rim', 'from_mm' => 1, 'to_mm' => 3]]]);
        $svg = new \SimpleXMLElement(Elevation::of($piece->profile, $piece->grain, $piece->wood->rgb, $piece->marks, '<Bowl & "co">')->trueSize());
        [, , $width, $height] = array_map(floatval(...), explode(' ', (string) $svg['viewBox']));
        self::assertSame([$width.'mm', $height.'mm'], [(string) $svg['width'], (string) $svg['height']]);
        self::assertGreaterThan($piece->profile->diameterMm(), $width);
        self::assertLessThan($piece->profile->diameterMm() * 1.4, $width);
    }

    /** @param  array<string, mixed>  $more */
    private function piece(array $more): Piece
    {
        return Piece::read(Document::of($more + [
            'format' => Piece::FORMAT, 'version' => 1, 'name' => 'Bowl', 'form' => 'shallow-bowl', 'wood' => 'Ash (white)', 'grain' => 'side',
            'shape' => Form::ShallowBowl->profile(260, 70, 90, 7)->toArray(), 'coats' => [['zones' => ['outside', 'inside', 'rim'], 'layers' => [['product' => 'Oil-varnish blend']], 'buff' => false]],
        ]), Catalogue::shipped());
    }

    /** @param  array<string, mixed>  $more */
    private function route(array $more): Route
    {
        return Route::of($this->piece($more), Bench::usual(Catalogue::shipped()));
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, Step>
     */
    private function steps(array $more): array
    {
        return array_column($this->route($more)->steps, null, 'id');
    }
}
