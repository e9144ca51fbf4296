<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Piece\Piece;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use LogicException;
use PHPUnit\Framework\TestCase;

/** What was kept by a code is read by a release that no longer has its line: nothing that was typed or done is lost. */
final class KeptWordsTest extends TestCase
{
    public function test_a_sentence_whose_line_is_gone_reads_by_the_words_it_was_kept_with(): void
    {
        $gone = new Said('route.no-such-line', ['wide' => Quantity::mm(3)]);
        $kept = Said::read($gone->keptAs('Cut it 3 mm wide')->toArray());
        self::assertSame('Cut it 3 mm wide', Told::of($kept));
        self::assertSame('Rim: fit', Told::of(Said::of('Rim', $gone)->keptAs('Rim: fit')), 'the whole of it');
        self::assertSame('Sand it', Told::of(Said::of('Sand', $kept)->keptAs('Sand it')), 'never half of each');
        $this->expectException(LogicException::class);
        Told::of($gone);
    }

    public function test_a_sentence_that_a_place_was_added_to_reads_by_the_words_it_was_kept_with(): void
    {
        self::assertSame('Glue it', Told::of((new Said('words.at', ['what' => 'Glue']))->keptAs('Glue it')));
    }

    public function test_words_of_this_release_come_before_those_it_was_kept_with(): void
    {
        self::assertSame('Glue, foot', Told::of(Said::at('Glue', 'foot')->keptAs('an older wording')));
    }

    public function test_a_measure_that_nobody_knows_is_no_sentence(): void
    {
        $this->expectException(\UnexpectedValueException::class);
        Said::read(['code' => 'words.at', 'quantities' => ['what' => ['furlongs' => 3]]]);
    }

    public function test_a_step_of_a_remedy_has_its_words_beside_its_code_and_is_read_by_either(): void
    {
        $said = ['title' => ['code' => 'words.at', 'quantities' => ['what' => 'Glue it', 'where' => 'foot']]];
        $step = $this->step(['said' => $said]);
        self::assertSame('Glue it, foot', $step['title'] ?? null);
        self::assertSame($said, $step['said'] ?? null);
        $later = $this->step(['said' => ['title' => ['code' => 'route.no-such-line']]] + $step);
        self::assertSame('Glue it, foot', $later['title'] ?? null);
        self::assertArrayNotHasKey('said', $later);
        $this->expectException(BadInput::class);
        $this->step(['said' => ['title' => ['code' => 'route.no-such-line']]]);
    }

    /**
     * @param  array<string, mixed>  $step
     * @return array<array-key, mixed> as a document has it again
     */
    private function step(array $step): array
    {
        $piece = Piece::read(Document::of(Benchwork::piece([Benchwork::bowl()], [
            'steps' => [
                ['id' => 's1', 'minutes' => 3, 'technique' => 'sand', 'part' => 'body', 'on' => 'outer'] + $step,
            ],
        ])), Drawn::tables());

        return $piece->steps[0]->toArray();
    }
}
