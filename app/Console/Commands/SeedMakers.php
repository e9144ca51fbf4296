<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\DemoWorkshop;
use App\Models\Blank;
use App\Models\Piece;
use App\Models\Tin;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\NewWorkshop;
use App\Planning\PieceEditor;
use App\Planning\Planner;
use Illuminate\Console\Command;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use LogicException;

/** Makers with a workshop each, for what is measured and killed under load; never in a workshop that somebody uses. */
class SeedMakers extends Command
{
    public const PASSWORD = 'turning-between-the-tides';

    /** So much is in each tin that none runs dry. */
    public const TIN_ML = 5000.0;

    private const BLANKS = 3;

    protected $signature = 'bench:makers {count : so many there are then} {pieces : in the work of each}
        {--entries=0 : in the log of the first} {--first= : pieces in the work of the first}';

    protected $description = 'Makes makers with a workshop each, for bin/bench and the checks';

    public static function email(int $number): string
    {
        return "maker-$number@load.example";
    }

    public function handle(NewWorkshop $new, PieceEditor $editor, Planner $planner): int
    {
        /** @var Workshop $demo */
        $demo = Workshop::query()->whereIn(
            'id', User::query()->where('email', DemoWorkshop::EMAIL)->select('workshop_id'),
        )->firstOrFail();
        $pieces = $demo->pieces()->working()->orderBy('id')->get();
        for ($number = 1; $number <= (int) $this->argument('count'); $number++) {
            if (User::query()->where('email', self::email($number))->exists()) {
                continue;
            }
            $workshop = $new->open(
                name: "Bench $number", timeZone: $demo->time_zone, owner: "Maker $number", email: self::email($number),
                password: self::PASSWORD,
            )->workshop;
            $workshop->update(['equipment' => $demo->equipment]);
            foreach ($demo->tins as $tin) {
                $this->copy($tin, $workshop)->forceFill(['stock_ml' => self::TIN_ML])->save();
            }
            foreach ($demo->blanks()->onRack()->limit(self::BLANKS)->get() as $blank) {
                $this->copy($blank, $workshop, 'piece_id')->save();
            }
            $count = $number === 1 ? (int) ($this->option('first') ?? $this->argument('pieces'))
                : (int) $this->argument('pieces');
            $this->draw($workshop, $pieces, $count, $editor);
            $planner->plan($workshop->refresh());
            $number === 1 && $this->write($workshop, (int) $this->option('entries'));
        }

        return self::SUCCESS;
    }

    private function copy(Tin|Blank $of, Workshop $workshop, string ...$without): Tin|Blank
    {
        $copy = $of->replicate(array_values($without));
        $copy->workshop_id = $workshop->id;

        return $copy;
    }

    /** @param  Collection<int, Piece>  $like */
    private function draw(Workshop $workshop, Collection $like, int $count, PieceEditor $editor): void
    {
        for ($i = 0; $i < $count; $i++) {
            $model = $like[$i % $like->count()] ?? throw new LogicException('The demo has no pieces.');
            $editor->create($workshop, $model->document->with(['name' => "Piece $i"]), null, plan: false);
        }
    }

    private function write(Workshop $workshop, int $entries): void
    {
        $piece = $workshop->pieces()->firstOrFail();
        for ($i = 0; $i < $entries; $i += 500) {
            DB::table('log_entries')->insert(array_map(fn (int $k): array => [
                'workshop_id' => $workshop->id, 'piece_id' => $piece->id, 'kind' => 'note', 'facts' => '{}',
                'happened_at' => now()->subMinutes($entries - $k)->toDateTimeString(), 'body' => "Note $k",
            ], range($i, min($i + 500, $entries) - 1)));
        }
    }
}
