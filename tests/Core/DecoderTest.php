<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Command\ProblemDocument;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Internal\Alone;
use HonestGrain\Schedule\Internal\DateMoves;
use HonestGrain\Schedule\Internal\Decoder;
use HonestGrain\Schedule\Internal\Dice;
use HonestGrain\Schedule\Internal\FirstLists;
use HonestGrain\Schedule\Internal\Neighbourhood;
use HonestGrain\Schedule\Internal\Precedence;
use HonestGrain\Schedule\Internal\TaskMoves;
use HonestGrain\Schedule\Internal\WaitTimes;
use HonestGrain\Schedule\Internal\Workload;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lists of pieces as times, and the changes of lists that a search goes through. */
final class DecoderTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function shops(): iterable
    {
        foreach (['small' => range(1, 10), 'middle' => range(1, 10), 'large' => [1, 2, 4]] as $kind => $numbers) {
            foreach ($numbers as $number) {
                yield "$kind $number" => [$kind, $number];
            }
        }
    }

    #[DataProvider('shops')]
    public function test_what_is_simple_stands_where_the_long_way_puts_it(string $kind, int $number): void
    {
        $work = $this->work(Shops::document($kind, $number));
        $long = clone $work;
        $long->isSimple = array_fill(0, count($work->tasks), false);
        self::assertGreaterThan(count($work->tasks) / 2, count(array_filter($work->isSimple)));
        $list = $this->first($work);
        $room = array_slice($list, count($work->opening));
        mt_srand($number);
        for ($i = 0; $i < 6; $i++) {
            $quick = $this->decoder($work);
            $slow = $this->decoder($long);
            $quick->run($list);
            $slow->run($list);
            self::assertSame($slow->start, $quick->start);
            self::assertSame($slow->crew, $quick->crew);
            self::assertEqualsWithDelta($slow->late, $quick->late, 1e-6);
            self::assertSame(array_keys($slow->broken), array_keys($quick->broken));
            shuffle($room);
            $list = [...$work->opening, ...$room];
        }
    }

    #[DataProvider('shops')]
    public function test_a_changed_list_that_is_placed_from_where_it_differs_stands_as_if_placed_whole(
        string $kind,
        int $number,
    ): void {
        $work = $this->work(Shops::document($kind, $number));
        foreach ($this->neighbourhoods($work) as $moves) {
            $decoder = $this->decoder($work);
            $decoder->run($this->first($work));
            $decoder->run($moves->begin($this->first($work), $decoder));
            $decoder->keep();
            for ($i = 0; $i < 25; $i++) {
                $move = $moves->proposed([]);
                if ($move !== null && $decoder->run($move[0], $move[1])) {
                    $whole = $this->decoder($work);
                    $whole->run($move[0]);
                    self::assertSame($whole->start, $decoder->start);
                    $moves->take();
                    $decoder->keep();
                }
            }
        }
    }

    #[DataProvider('shops')]
    public function test_a_change_is_of_the_same_pieces_between_the_places_that_it_names(
        string $kind,
        int $number,
    ): void {
        $document = Shops::document($kind, $number);
        // One goes behind another: all of it behind all of that one.
        $document['pieces'][1]['behind'] = $document['pieces'][0]['id'];
        $work = $this->work($document);
        $decoder = $this->decoder($work);
        $decoder->run($this->first($work));
        foreach ($this->neighbourhoods($work) as $moves) {
            $was = $moves->begin($this->first($work), $decoder);
            $counts = array_count_values($was);
            ksort($counts);
            for ($i = 0; $i < 200; $i++) {
                $move = $moves->proposed([2]);
                if ($move === null) {
                    continue;
                }
                [$list, $from, $same] = $move;
                $now = array_count_values($list);
                ksort($now);
                self::assertSame($counts, $now);
                self::assertTrue($list !== $was);
                self::assertSame(array_slice($was, 0, $from), array_slice($list, 0, $from));
                self::assertSame(array_slice($was, $same), array_slice($list, $same));
                $firsts = array_keys($list, 0, true);
                self::assertGreaterThan(end($firsts), min(array_keys($list, 1, true)));
                if ($i % 3 === 0) {
                    $moves->take();
                    $was = $list;
                }
            }
            self::assertSame($was, $moves instanceof DateMoves ? $moves->begin($was, $decoder) : $was);
        }
    }

    public function test_a_date_moves_a_piece_among_the_others_and_they_go_into_its_waits(): void
    {
        $work = $this->work(Shops::document('middle', 1));
        $decoder = $this->decoder($work);
        $decoder->run($this->first($work));
        $list = (new DateMoves($work, new Dice(1), 0, new Precedence($work)))->begin($this->first($work), $decoder);
        $turns = [];
        foreach ($work->pieceOf as $t => $piece) {
            $turns[$t] = $decoder->lastEndOf($piece) - $work->tail[$t];
        }
        asort($turns);
        self::assertSame(array_map($decoder->pieceOf(...), array_keys($turns)), $list);
    }

    public function test_what_is_kept_for_a_pinned_task_is_there_for_others_when_it_cannot_be_then(): void
    {
        $piece = fn (string $id, int $count): array => ['id' => $id, 'tasks' => array_map(
            fn (int $n): array => ['id' => "t$n", 'minutes' => 45, 'needs' => ['turner' => 1]] + ($n === 1 ? []
                : ['after' => [['task' => 't1']]]), range(1, $count),
        )];
        $work = $this->work([
            'start' => '2026-12-01T08:00:00Z', 'hours' => ['tue' => [['08:00', '17:00']]],
            'resources' => ['turner' => 1], 'pieces' => [$piece('a', 1), $piece('b', 2), $piece('c', 1)],
            'pinned' => [['piece' => 'b', 'task' => 't2', 'start' => '2026-12-01T08:45:00Z']],
        ]);
        $decoder = $this->decoder($work);
        $at = fn (): array => array_map(fn (int $start): string => gmdate('H:i', $start), $decoder->start);
        $decoder->run([1, 0, 1, 2]);
        self::assertSame(['09:30', '08:00', '08:45', '10:15'], $at(), 'kept, and free for nobody else');
        $decoder->run([0, 1, 1, 2]);
        self::assertSame(['08:00', '09:30', '10:15', '08:45'], $at());
        $decoder->again(1, 0);
        self::assertSame(['08:00', '09:30', '10:15', '08:45'], $at(), 'nor is it kept twice');
    }

    /** @param  array<string, mixed>  $document */
    private function work(array $document): Workload
    {
        return new Workload(ProblemDocument::read(Document::of($document)));
    }

    private function decoder(Workload $work): Decoder
    {
        $waits = new WaitTimes($work->waits, $work->problem->clock);
        $alone = new Alone($work, $waits);
        $decoder = new Decoder($work, $waits, $alone->late, loose: $alone->loose);
        $decoder->giveUp($alone->usual());

        return $decoder;
    }

    /** @return list<int> */
    private function first(Workload $work): array
    {
        $waits = new WaitTimes($work->waits, $work->problem->clock);
        $list = (new FirstLists($work, new Alone($work, $waits)))->byDue();

        return (new Precedence($work))->kept($list);
    }

    /** @return list<Neighbourhood> */
    private function neighbourhoods(Workload $work): array
    {
        $fixed = count($work->opening);

        return [
            new DateMoves($work, new Dice(7), $fixed, new Precedence($work)),
            new TaskMoves(new Dice(7), $fixed, new Precedence($work)),
        ];
    }
}
