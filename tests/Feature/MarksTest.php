<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Piece;
use HonestGrain\Geometry\Form;
use HonestGrain\Reading\Document;
use Tests\Core\Told;

/** Marks through the pages: placed, set, told, laid out, moved together, printed and turned. */
final class MarksTest extends FeatureTestCase
{
    public function test_a_mark_is_placed_with_usual_settings_then_set_and_its_figures_follow(): void
    {
        $piece = $this->bowl();
        $this->post(route('pieces.marks', $piece), [
            'version' => 1, 'technique' => 'flutes', 'on' => 'outer', 'from' => '20', 'to' => '60', 'name' => 'Shore',
        ])->assertSessionHasNoErrors()->assertRedirectContains('mark=m-');
        $mark = $this->mark($piece);
        self::assertSame(['Shore', null], [$mark['name'], $mark['settings']['count'] ?? null]);
        $page = $this->at($piece, $mark['id']);
        $page->assertSeeText('Land left')->assertSeeText('Wall left')->assertSeeText('Flute wide');
        $before = (string) $page->getContent();

        $set = fn (int $version, array $set): array => [
            'version' => $version, 'technique' => 'flutes', 'on' => 'outer', 'from' => '20', 'to' => '60',
            'set' => $set,
        ];
        $this->put(route('pieces.marks.update', [$piece, $mark['id']]), $set(2, [
            'count' => '12', 'depth_mm' => '1.5', 'fade_mm' => '10',
        ]))->assertSessionHasNoErrors();
        self::assertEquals(
            ['count' => 12, 'depth_mm' => 1.5, 'fade_mm' => 10],
            array_intersect_key($this->mark($piece)['settings'], ['count' => 0, 'depth_mm' => 0, 'fade_mm' => 0]),
        );
        self::assertNotSame($before, (string) $this->at($piece, $mark['id'])->getContent());
        $step = $this->step($piece->refresh(), $mark['id']);
        self::assertStringContainsString('12 flutes 1.5 mm deep', Told::all($step->details->how));

        $this->from(route('pieces.marks', [$piece, 'mark' => $mark['id']]))
            ->put(route('pieces.marks.update', [$piece, $mark['id']]), $set(3, ['count' => '0', 'tool' => 'spoon']))
            ->assertSessionHasErrors(['set.count', 'set.tool']);
        $this->at($piece, $mark['id'])->assertSeeText('How many is “0”');
        self::assertSame(3, $piece->refresh()->version);
    }

    public function test_what_will_not_do_is_said_at_the_mark_and_holds_the_date_back(): void
    {
        $piece = $this->bowl(['marks' => [[
            'id' => 'hook', 'kind' => 'flutes', 'on' => 'outer', 'from_mm' => 40, 'to_mm' => 60,
        ]]]);
        $id = $this->mark($piece)['id'];
        $hook = fn (int $version, string $azimuth): array => [
            'version' => $version, 'technique' => 'piercing', 'on' => 'outer', 'from' => '40', 'to' => '60',
            'set' => ['opening' => 'hook', 'start_deg' => $azimuth, 'tilt_deg' => '0'],
        ];
        $this->put(route('pieces.marks.update', [$piece, $id]), $hook(1, '0'))->assertSessionHasNoErrors();
        $page = $this->at($piece, $id);
        $page->assertSeeText('This will not do.')->assertSeeText('it snaps')->assertSeeText('between 69° and 111°')
            ->assertSeeText('will not do');
        self::assertSame(
            'forbid', collect($piece->refresh()->conflicts)->firstWhere('forbids', true)?->toArray()['severity'] ?? '',
        );
        self::assertNull($piece->ready_at);
        $this->put(route('pieces.marks.update', [$piece, $id]), $hook(2, '90'))->assertSessionHasNoErrors();
        $this->at($piece, $id)->assertDontSeeText('This will not do.');
        self::assertNotNull($piece->refresh()->ready_at);
    }

    public function test_bands_are_laid_out_by_proportion_and_between_marks(): void
    {
        $piece = $this->bowl(['marks' => [
            ['id' => 'a', 'kind' => 'v-groove', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 12],
            ['id' => 'b', 'kind' => 'v-groove', 'on' => 'outer', 'from_mm' => 50, 'to_mm' => 52],
        ]]);
        [$a, $b] = array_column($this->body($piece)['marks'], 'id');
        $fields = function (array $query) use ($piece): array {
            $page = (string) $this->get(route('pieces.marks', [$piece] + $query))->assertOk()->getContent();

            return array_map(floatval(...), array_intersect_key($this->numbers($page), ['from' => 0, 'to' => 0]));
        };
        self::assertSame(['from' => 12.0, 'to' => 50.0], $fields(['lay' => 'between', 'first' => $b, 'second' => $a]));
        $third = $fields(['lay' => 'thirds', 'lay_on' => 'outer', 'nth' => 2]);
        self::assertEqualsWithDelta($third['from'] * 2, $third['to'], 0.02);
        $golden = $fields(['lay' => 'golden', 'lay_on' => 'outer', 'nth' => 1]);
        self::assertEqualsWithDelta(0.618, $golden['to'] / ($third['from'] * 3), 0.001);
        $own = $fields(['lay' => 'ratio', 'lay_on' => 'outer', 'nth' => 2, 'ratios' => '2 : 1 : 3']);
        self::assertEqualsWithDelta(
            [1 / 3, 1 / 2], [$own['from'] / ($third['from'] * 3), $own['to'] / ($third['from'] * 3)], 0.001,
        );
        self::assertSame([], $fields(['lay' => 'ratio', 'ratios' => 'none']), 'left empty');
    }

    public function test_ticked_marks_are_moved_copied_and_mirrored_together(): void
    {
        $piece = $this->bowl(['marks' => [
            ['id' => 'a', 'kind' => 'v-groove', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 12],
            ['id' => 'b', 'kind' => 'flutes', 'on' => 'outer', 'from_mm' => 20, 'to_mm' => 30],
        ]]);
        $ids = array_column($this->body($piece)['marks'], 'id');
        $together = fn (int $version, array $more) => $this->from(route('pieces.marks', $piece))->post(
            route('pieces.marks.together', $piece), $more + ['version' => $version, 'marks' => $ids],
        );
        $spans = fn (): array => array_map(
            fn (array $mark): array => [$mark['from_mm'], $mark['to_mm']], $this->body($piece->refresh())['marks'],
        );
        $together(1, ['together' => 'move', 'by' => '5'])->assertSessionHasNoErrors();
        self::assertEquals([[15, 17], [25, 35]], $spans());
        $together(2, ['together' => 'copy', 'by' => '30'])->assertSessionHasNoErrors();
        self::assertEquals([[15, 17], [25, 35], [45, 47], [55, 65]], $spans());
        self::assertCount(4, array_unique(array_column($this->body($piece)['marks'], 'id')));
        $together(3, ['together' => 'mirror'])->assertSessionHasNoErrors();
        $mirrored = array_slice($spans(), 4);
        self::assertEqualsWithDelta(2, $mirrored[0][1] - $mirrored[0][0], 0.02);
        self::assertEqualsWithDelta(
            $mirrored[0][1] + 15, $mirrored[1][1] + 25, 0.02, 'the same way from the other end',
        );
        $together(4, ['together' => 'move', 'by' => '-40'])->assertSessionHasErrors('by');
        $together(4, ['together' => 'copy'])->assertSessionHasErrors('by');
        $together(4, ['together' => 'copy', 'by' => '9', 'marks' => []])->assertSessionHasErrors('marks');
        $together(4, ['together' => 'copy', 'by' => '900'])->assertSessionHasErrors();
        self::assertCount(6, $spans());
        $this->post(route('pieces.undo', $piece), ['version' => 4])->assertSessionHasNoErrors();
        self::assertCount(4, $spans());
    }

    public function test_a_colour_is_laid_on_with_the_classes_of_its_own_family(): void
    {
        $piece = $this->bowl();
        foreach ([
            'lime' => 'Liming wax', 'ebonise' => 'Iron liquor (ebonising)', 'paint' => null,
        ] as $technique => $class) {
            $this->post(route('pieces.marks', $piece), [
                'version' => $piece->refresh()->version, 'technique' => $technique, 'on' => 'outer', 'from' => '20',
                'to' => '60', 'product' => 'Water dye (powder)',
            ])->assertSessionHasNoErrors();
            $mark = collect($this->body($piece->refresh())['marks'])->firstWhere('technique', $technique);
            self::assertSame($class, $mark['settings']['product']);
        }
        $lime = collect($this->body($piece)['marks'])->firstWhere('technique', 'lime')['id'];
        $this->at($piece, $lime)->assertSeeText('Coloured wax')->assertDontSeeText('Alcohol dye (powder)');
        $this->put(route('pieces.marks.update', [$piece, $lime]), [
            'version' => $piece->version, 'technique' => 'lime', 'on' => 'outer', 'from' => '20', 'to' => '60',
            'product' => 'Coloured wax', 'colour' => '#7a1f3a',
        ])->assertSessionHasNoErrors();
        $mark = collect($this->body($piece->refresh())['marks'])->firstWhere('technique', 'lime');
        self::assertSame(['Coloured wax', '#7a1f3a'], [$mark['settings']['product'], $mark['settings']['colour']]);
    }

    public function test_a_dragged_band_is_told_of_before_it_is_placed(): void
    {
        $piece = $this->bowl();
        $ask = fn (array $more) => $this->getJson(route('pieces.marks.band', [$piece] + $more + [
            'technique' => 'flutes', 'on' => 'outer', 'from' => 20, 'to' => 60,
        ]))->assertOk()->json('says');
        self::assertStringContainsString('40.0 mm along', $ask([]));
        self::assertStringContainsString('⌀', $ask([]));
        self::assertSame('', $ask(['to' => 9000]));
        self::assertSame('', $ask(['technique' => 'spoon']));
        self::assertSame([], $this->body($piece)['marks']);
    }

    public function test_the_mark_out_list_has_every_edge_once_and_the_holes(): void
    {
        $this->shop->update(['equipment' => Document::of(['lathe' => [
            'swing_mm' => 400, 'bed_mm' => 900, 'least_rpm' => 60, 'most_rpm' => 3000, 'index_holes' => [48],
        ]])]);
        $piece = $this->bowl(['marks' => [
            ['id' => 'a', 'kind' => 'v-groove', 'on' => 'outer', 'from_mm' => 10, 'to_mm' => 12],
        ]]);
        $this->post(route('pieces.marks', $piece), [
            'version' => 1, 'technique' => 'flutes', 'on' => 'outer', 'from' => '20', 'to' => '60', 'name' => 'Shore',
            'set' => ['count' => '16', 'depth_mm' => '1'],
        ])->assertSessionHasNoErrors();
        $page = $this->get(route('pieces.mark-out', $piece))->assertOk();
        $page->assertSeeTextInOrder(['Shore, upper edge', 'Shore, lower edge', 'upper edge', 'lower edge'])
            ->assertSeeText('60.0 mm')->assertSeeText('plate 48: 1 4 7 10');
    }

    public function test_a_sphere_has_its_quarters_on_the_mark_out_list(): void
    {
        $this->post(route('pieces.store'), [
            'form' => 'sphere', 'diameter' => '80', 'height' => '80', 'foot' => '20', 'wall' => '0',
            'wood' => 'Ash (white)', 'grain' => 'end', 'moisture' => '9', 'name' => 'Buoy', 'purpose' => 'display',
        ])->assertSessionHasNoErrors();
        $piece = $this->shop->pieces()->where('name', 'Buoy')->firstOrFail();
        $this->get(route('pieces.mark-out', $piece))->assertOk()->assertSeeText('The sphere on its blank')
            ->assertSeeTextInOrder(['20.0 mm', '69.3 mm']);
    }

    public function test_a_template_comes_as_pages_at_true_size(): void
    {
        $piece = $this->bowl(['marks' => [
            ['id' => 'a', 'kind' => 'pen-pattern', 'on' => 'outer', 'from_mm' => 70, 'to_mm' => 90],
        ]]);
        $id = $this->mark($piece)['id'];
        foreach (['a4' => [595, 842], 'letter' => [612, 792]] as $paper => [$short, $long]) {
            $answer = $this->get(route('pieces.marks.template', [$piece, $id, $paper]))->assertOk();
            $answer->assertHeader('content-type', 'application/pdf');
            $file = (string) tempnam(sys_get_temp_dir(), 'pdf');
            file_put_contents($file, (string) $answer->getContent());
            exec('pdfinfo '.escapeshellarg($file), $info);
            preg_match('/Page size: +([\d.]+) x ([\d.]+)/', implode("\n", $info), $size);
            self::assertEqualsWithDelta([$long, $short], [(float) $size[1], (float) $size[2]], 0.6);
            preg_match('/Pages: +(\d+)/', implode("\n", $info), $pages);
            self::assertGreaterThan(2, (int) $pages[1], 'once round is longer than a sheet');
            // Ten pixels to the mm: the line to check the printer by.
            exec('pdftoppm -r 254 -f 1 -l 1 -gray '.escapeshellarg($file).' '.escapeshellarg($file));
            self::assertEqualsWithDelta(500, $this->longestAtTheFoot((array) glob("$file-*.pgm")), 8);
            array_map(unlink(...), [$file, ...(array) glob("$file-*.pgm")]);
            unset($info);
        }
    }

    public function test_the_piece_in_the_round_comes_as_numbers_and_the_page_has_a_still(): void
    {
        $piece = $this->bowl();
        $this->getJson(route('pieces.turned.mesh', $piece))->assertOk()
            ->assertJsonPath('rows', 128)->assertJsonPath('columns', 256)->assertJsonCount(128, 'r');
        $this->get(route('pieces.turned', $piece))->assertOk()->assertSee('turned-still', false)
            ->assertSeeText('still drawing');
    }

    public function test_cutters_of_the_shop_are_kept_and_looked_up(): void
    {
        $this->put(route('equipment.update'), [
            'cutter_name' => ['Round burr', 'Line bit', ''], 'cutter_kind' => ['ball', 'v', 'ball'],
            'cutter_size' => ['4', '60', ''],
        ])->assertSessionHasNoErrors();
        self::assertEquals([
            ['name' => 'Round burr', 'kind' => 'ball', 'radius_mm' => 4],
            ['name' => 'Line bit', 'kind' => 'v', 'angle_deg' => 60],
        ], $this->shop->refresh()->equipment?->value('cutters'));
        $this->get(route('equipment'))->assertOk()->assertSee('Round burr');
        $this->put(route('equipment.update'), [
            'cutter_name' => ['x'], 'cutter_kind' => ['spoon'], 'cutter_size' => ['-1'],
        ])->assertSessionHasErrors(['cutter_kind.0', 'cutter_size.0']);
    }

    /** @return array<string, mixed> the first of its body */
    private function mark(Piece $piece): array
    {
        return $this->body($piece->refresh())['marks'][0];
    }

    private function at(Piece $piece, string $mark): \Illuminate\Testing\TestResponse
    {
        return $this->get(route('pieces.marks', [$piece, 'mark' => $mark]))->assertOk();
    }

    /**
     * @param  list<string>  $files  of one picture in shades of grey
     * @return int the longest run of dark pixels in its lowest part
     */
    private function longestAtTheFoot(array $files): int
    {
        $picture = (string) file_get_contents($files[0]);
        preg_match('/^P5\s+(\d+) (\d+)\s+255\s/', $picture, $head);
        [$wide, $high] = [(int) $head[1], (int) $head[2]];
        $pixels = substr($picture, strlen($head[0]));
        $longest = 0;
        for ($y = $high - 200; $y < $high; $y++) {
            $run = 0;
            for ($x = 0; $x < $wide; $x++) {
                $run = ord($pixels[$y * $wide + $x]) < 100 ? $run + 1 : 0;
                $longest = max($longest, $run);
            }
        }

        return $longest;
    }

    public function test_marks_are_copied_to_another_piece_at_the_same_share_of_its_line(): void
    {
        $from = $this->bowl();
        $this->post(route('pieces.marks', $from), [
            'version' => 1, 'technique' => 'beads', 'on' => 'outer', 'from' => '40', 'to' => '52',
        ])->assertSessionHasNoErrors();
        $to = $this->bowl(['name' => 'Wide bowl', 'shape' => Form::ShallowBowl->profile(390, 105, 135, 9)->toArray()]);
        $mark = $this->body($from)['marks'][0]['id'];
        $part = $this->body($to)['id'];
        $give = fn (array $fields) => $this->post(route('pieces.marks.together', $from), [
            'version' => $from->refresh()->version, 'together' => 'give',
        ] + $fields + ['marks' => [$mark]]);
        $this->get(route('pieces.marks', $from))->assertSee("value=\"$to->id/$part\"", false);
        $give(['marks_to' => "$to->id/$part"])->assertSessionHasNoErrors()
            ->assertSessionHas('said', 'Copied to Wide bowl.');
        $there = $this->body($to)['marks'][0];
        self::assertSame('beads', $there['technique']);
        self::assertNotSame($mark, $there['id']);
        // Half as large again, so half as far again.
        self::assertEqualsWithDelta(60.0, $there['from_mm'], 1.0);
        self::assertCount(1, $this->body($from)['marks']);
        $give(['marks_to' => "$to->id/none"])->assertSessionHasErrors('marks_to');
        $give(['marks_to' => '999999/p1'])->assertSessionHasErrors('marks_to');
        $give([])->assertSessionHasErrors('marks_to');
        // A mark that is gone meanwhile is not said to be copied.
        $give(['marks_to' => "$to->id/$part", 'marks' => ['gone']])->assertSessionHasErrors('marks');
        self::assertCount(1, $this->body($to)['marks']);
    }

    public function test_the_dye_of_several_marks_is_changed_at_once(): void
    {
        $piece = $this->bowl();
        foreach ([['20', '30'], ['50', '60']] as $n => [$low, $high]) {
            $this->post(route('pieces.marks', $piece), [
                'version' => $n + 1, 'technique' => 'dye', 'on' => 'outer', 'from' => $low, 'to' => $high,
            ])->assertSessionHasNoErrors();
        }
        $this->post(route('pieces.marks', $piece), [
            'version' => 3, 'technique' => 'grooves', 'on' => 'outer', 'from' => '80', 'to' => '82',
        ])->assertSessionHasNoErrors();
        $ids = array_column($this->body($piece)['marks'], 'id');
        $change = fn (array $marks, ?string $class) => $this->post(route('pieces.marks.together', $piece), [
            'version' => $piece->refresh()->version, 'together' => 'class', 'marks' => $marks, 'mark_class' => $class,
        ]);
        $change([$ids[0], $ids[1]], 'Alcohol dye (powder)')->assertSessionHasNoErrors();
        self::assertSame(
            ['Alcohol dye (powder)', 'Alcohol dye (powder)', null],
            array_map(fn (array $mark) => $mark['settings']['product'] ?? null, $this->body($piece)['marks']),
        );
        // One that takes no dye: none of them is changed.
        $change($ids, 'Water dye (powder)')->assertSessionHasErrors('mark_class');
        $change([$ids[0]], null)->assertSessionHasErrors('mark_class');
        self::assertSame('Alcohol dye (powder)', $this->body($piece)['marks'][0]['settings']['product']);
    }
}
