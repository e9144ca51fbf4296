<?php

declare(strict_types=1);

namespace Tests\Load;

use App\Console\Commands\SeedMakers;
use PDO;
use RuntimeException;

/** The makers that `bench:makers` made, as the database knows them, and what has become of what they pressed. */
final readonly class Shops
{
    private const SIGN_INS_OF_ONE_ADDRESS = 15;

    public function __construct(private PDO $database)
    {
    }

    /** @param  array<string, string>  $settings  DB_HOST and so on */
    public static function at(array $settings): self
    {
        return new self(new PDO(
            "mysql:host={$settings['DB_HOST']};port={$settings['DB_PORT']};dbname={$settings['DB_DATABASE']}",
            $settings['DB_USERNAME'], $settings['DB_PASSWORD'], [PDO::ATTR_TIMEOUT => 5],
        ));
    }

    /**
     * @param  list<string>  $bases  addresses of servers, in turn
     * @return list<Maker> signed in
     */
    public function makers(array $bases, int $count): array
    {
        $makers = [];
        $run = $this->newest();
        for ($number = 1; $number <= $count; $number++) {
            $email = SeedMakers::email($number);
            $shop = (int) $this->column('select workshop_id from users where email = ?', $email)[0];
            $toDo = [];
            foreach ($this->column('select id from pieces where workshop_id = ? order by id', $shop) as $piece) {
                $toDo[] = array_map(intval(...), $this->column(
                    "select id from planned_steps where piece_id = ? and state = 'open' order by position", $piece,
                ));
            }
            [$blank, $grams] = explode(' ', $this->column(
                "select concat(number, ' ', last_mass_g) from blanks where workshop_id = ?
                    order by number limit 1", $shop,
            )[0]);
            $makers[] = $maker = new Maker(
                base: $bases[$number % count($bases)], email: $email, password: SeedMakers::PASSWORD,
                workshop: $shop, toDo: array_slice($toDo, 0, 12),
                blank: (int) $blank, grams: (float) $grams, run: $run,
                from: '127.0.0.'.(2 + intdiv($number - 1, self::SIGN_INS_OF_ONE_ADDRESS)),
            );
            $maker->signIn();
        }

        return $makers;
    }

    /** The number of the newest entry of any log. */
    public function newest(): int
    {
        return (int) $this->column('select max(id) from log_entries')[0];
    }

    /**
     * What is wrong with what stands, held against what was answered.
     *
     * @param  list<Press>  $presses
     * @return list<string> a line for each fault; none where nothing is lost and nothing doubled
     */
    public function faults(array $presses): array
    {
        $faults = [];
        $found = [
            Sort::Note->value => $this->counted("select body, count(*) from log_entries where body like 'Under load: %'
                group by body"),
            Sort::Done->value => $this->counted("select press, count(*) from log_entries where kind = 'done'
                and press is not null group by press"),
            Sort::Weight->value => $this->counted("select concat(workshop_id, ' ', mass_g), count(*) from weighings
                where source = 'typed' group by workshop_id, mass_g"),
        ];
        foreach ($presses as $press) {
            $mark = $press->sort === Sort::Weight ? "$press->workshop $press->mark" : $press->mark;
            $times = $found[$press->sort->value][$mark] ?? 0;
            if ($times > 1) {
                $faults[] = "{$press->sort->value} $mark: kept $times times, sent $press->sent times";
            }
            if ($times === 0 && $press->isTaken()) {
                $faults[] = "{$press->sort->value} $mark: answered, and not kept";
            }
            if ($times === 0 && $press->status === null) {
                $faults[] = "{$press->sort->value} $mark: no answer after $press->sent times";
            }
        }

        return [...$faults, ...$this->tins(), ...$this->steps()];
    }

    /** @return list<string> what was taken off a tin is what the entries say was taken */
    private function tins(): array
    {
        $faults = [];
        $used = [];
        $facts = $this->pairs("select concat(workshop_id, ' ', id), facts from log_entries where kind = 'done'
            and workshop_id in (select workshop_id from users where email like 'maker-%@load.example')");
        foreach ($facts as $entry => $json) {
            foreach (json_decode((string) $json, true)['taken']['ml'] ?? [] as $product => $ml) {
                $of = strtok((string) $entry, ' ')." $product";
                $used[$of] = ($used[$of] ?? 0.0) + (float) $ml;
            }
        }
        foreach ($this->pairs("select concat(workshop_id, ' ', product), stock_ml from tins where workshop_id in
            (select workshop_id from users where email like 'maker-%@load.example')") as $tin => $left) {
            $want = SeedMakers::TIN_ML - ($used[$tin] ?? 0.0);
            if (abs($want - (float) $left) > 0.05) {
                $faults[] = sprintf('tin %s: %.2f mL left, %.2f by what was logged', $tin, $left, $want);
            }
        }

        return $faults;
    }

    /** @return list<string> a step that is logged as done is done, and no other */
    private function steps(): array
    {
        return array_map(fn (string $step): string => "step $step: its state is not what the log says", $this->column("
            select s.id from planned_steps s left join log_entries e
                on e.piece_id = s.piece_id and e.step = s.step and e.kind = 'done'
            where s.workshop_id in (select workshop_id from users where email like 'maker-%@load.example')
            group by s.id, s.state having (count(e.id) > 0) <> (s.state = 'done')"));
    }

    /**
     * Waits until every plan is one of what stands: a job whose worker was ended under way is taken up again after two
     * minutes (`retry_after`).
     *
     * @return list<string> what is still not planned, or has failed
     */
    public function unplanned(int $seconds = 180): array
    {
        for ($until = time() + $seconds; ; usleep(300_000)) {
            $old = $this->column('select name from workshops
                where planned_version is null or planned_version <> version');
            if ($old === [] || time() > $until) {
                break;
            }
        }
        $failed = $this->column('select left(exception, 300) from failed_jobs');

        return [...array_map(fn (string $name): string => "$name: its plan is not of what stands", $old), ...$failed];
    }

    /** @return array<string, int> how many rows each table that a maker writes has, and a sum over them */
    public function sums(): array
    {
        $sums = [];
        foreach (['log_entries', 'weighings', 'planned_steps', 'pieces', 'tins', 'workshops'] as $table) {
            $row = $this->database->query("checksum table $table")->fetch(PDO::FETCH_NUM);
            $sums[$table] = (int) ($row[1] ?? throw new RuntimeException("$table has no sum"));
        }

        return $sums;
    }

    /** @return array<string, array{int, float}> of the largest tables: rows, and megabytes with their indexes */
    public function sizes(): array
    {
        $sizes = [];
        foreach ($this->column('select table_name from information_schema.tables where table_schema = database()
            order by data_length + index_length desc limit 6') as $table) {
            $this->database->query("analyze table $table")->fetchAll();
            $sizes[$table] = [
                (int) $this->column("select count(*) from $table")[0],
                (float) $this->column('select (data_length + index_length) / 1e6 from information_schema.tables
                    where table_schema = database() and table_name = ?', $table)[0],
            ];
        }

        return $sizes;
    }

    /** @return list<string> */
    private function column(string $query, string|int ...$with): array
    {
        $asked = $this->database->prepare($query);
        $asked->execute($with);

        return array_map(strval(...), $asked->fetchAll(PDO::FETCH_COLUMN));
    }

    /** @return array<string, string|null> */
    private function pairs(string $query): array
    {
        return $this->database->query($query)->fetchAll(PDO::FETCH_KEY_PAIR);
    }

    /** @return array<string, int> */
    private function counted(string $query): array
    {
        return array_map(intval(...), $this->pairs($query));
    }
}
