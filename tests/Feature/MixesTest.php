<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnMix;
use App\Models\Piece;
use HonestGrain\Reading\Document;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Told;

/** Mixes of a maker's own through the pages. */
final class MixesTest extends FeatureTestCase
{
    private const MIX = [
        'mix_name' => 'Shed wiping oil', 'part_product' => ['Pure tung oil', 'White spirit', '', ''],
        'part_parts' => ['2', '1', '', ''], 'label' => ['recoat_from_h' => '30'],
    ];

    public function test_a_mix_is_a_finish_with_its_own_waits_and_goes_out_with_a_piece(): void
    {
        $this->get(route('mixes'))->assertOk()->assertSee('None yet');
        $this->post(route('mixes.store'), self::MIX)->assertSessionHasNoErrors();
        $this->get(route('mixes'))->assertOk()->assertSee('2 parts pure tung oil, 1 part white spirit')
            ->assertSee('Recoat from 30 h');
        $this->get('/shelf')->assertOk()->assertSee('Shed wiping oil');
        $piece = $this->bowl();
        foreach ([1, 2] as $version) {
            $this->put(route('pieces.coats', $piece), [
                'version' => $version, 'do' => 'add', 'plan' => $this->planId($piece, 0),
                'product' => 'Shed wiping oil',
            ])->assertSessionHasNoErrors();
        }
        $layers = $this->body($piece)['coats'][0]['layers'];
        $last = $this->step($piece, end($layers)['id']);
        self::assertSame('Shed wiping oil', $last->product);
        $how = Told::all($last->details->how);
        self::assertStringContainsString('of pure tung oil', $how);
        self::assertSame(30.0, $this->waitOf($piece, $layers[count($layers) - 2]['id']));

        // It stays for as long as something is coated with it, and goes out with the piece.
        $mix = OwnMix::query()->firstOrFail();
        $this->delete(route('mixes.destroy', $mix))->assertSessionHasErrors('mix_name');
        $json = (string) $this->get(route('pieces.json', $piece))->assertOk()->getContent();
        self::assertSame('Shed wiping oil', json_decode($json, true)['mixes'][0]['name']);

        // It comes into a shop that never heard of it, and goes out of that again.
        $known = Piece::query()->max('id');
        $this->flushSession();
        $this->actingAs($this->makeShop('Cuckoo Yard', 'teal@example.test')->users()->firstOrFail());
        $this->post(route('pieces.import'), [
            'file' => UploadedFile::fake()->createWithContent('bowl.json', $json),
        ])->assertSessionHasNoErrors()->assertSessionHas(
            'said', fn (string $said): bool => str_contains($said, 'and with it Shed wiping oil'),
        );
        $theirs = Piece::query()->where('id', '>', $known)->firstOrFail();
        foreach (['coats', 'route', 'record', 'card'] as $page) {
            $this->get(route("pieces.$page", $theirs))->assertOk()->assertSee('hed wiping oil');
        }
        $again = (string) $this->get(route('pieces.json', $theirs))->assertOk()->getContent();
        self::assertSame('Shed wiping oil', json_decode($again, true)['mixes'][0]['name']);
        $this->flushSession();
        $this->actingAs($this->wren);

        // Changed, every piece follows.
        $this->get(route('mixes', ['change' => $mix->id]))->assertOk()->assertSee('Change Shed wiping oil')
            ->assertSee('value="30"', false);
        $this->post(route('mixes.store'), ['label' => ['recoat_from_h' => '44']] + self::MIX);
        self::assertSame(44.0, $this->waitOf($piece, $layers[count($layers) - 2]['id']));
        self::assertSame(1, $this->shop->mixes()->count());
    }

    public function test_a_mix_is_on_the_shelf_with_a_tin_of_its_own(): void
    {
        $this->post(route('mixes.store'), self::MIX);
        $this->get(route('tins.edit', ['product' => 'Shed wiping oil']))->assertOk()->assertSee('typical: 30');
        $this->put(route('tins.update'), [
            'product' => 'Shed wiping oil', 'label' => ['recoat_from_h' => '50'], 'stock_ml' => '250',
        ])->assertSessionHasNoErrors();
        $this->get('/shelf')->assertOk()->assertSee('Shed wiping oil');
        $theirs = $this->makeShop('Cuckoo Yard', 'teal@example.test')->mixes()->create(
            ['name' => 'Their oil', 'typed' => Document::of([])],
        );
        $this->delete(route('mixes.destroy', $theirs))->assertNotFound();
        $this->delete(route('mixes.destroy', OwnMix::query()->firstOrFail()))->assertSessionHasNoErrors();
        self::assertSame(['Their oil'], OwnMix::query()->pluck('name')->all());
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('wrong')]
    public function test_what_makes_no_mix_is_refused_at_its_field(array $typed, string $field): void
    {
        $this->from(route('mixes'))->post(route('mixes.store'), $typed + self::MIX)->assertSessionHasErrors($field);
        self::assertSame(0, OwnMix::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'the name of a class' => [['mix_name' => 'Pure tung oil'], 'mix_name'];
        yield 'no name' => [['mix_name' => ''], 'mix_name'];
        yield 'nothing in it' => [['part_product' => ['', ''], 'part_parts' => ['', '']], 'parts'];
        yield 'how much of it' => [['part_parts' => ['2', '']], 'part_parts.1'];
        yield 'less than none' => [['part_parts' => ['-2', '1']], 'part_parts.0'];
        yield 'nothing that is known' => [['part_product' => ['Turps'], 'part_parts' => ['1']], 'like'];
        yield 'hours' => [['label' => ['recoat_from_h' => 'soon']], 'label.recoat_from_h'];
        yield 'a window that closes first' => [
            ['label' => ['recoat_from_h' => '30', 'recoat_until_h' => '20']], 'label.recoat_until_h',
        ];
    }

    /** The hours that a coat waits for the next, on its own step or on that of wiping it off. */
    private function waitOf(Piece $piece, string $coat): float
    {
        $waits = array_map(
            fn (string $id): float => $this->step($piece, $id)->details->wait['min_hours'] ?? 0.0,
            [$coat, "$coat/wipe-off"],
        );

        return max($waits);
    }
}
