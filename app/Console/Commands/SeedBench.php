<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\DemoWorkshop;
use App\Models\EntryKind;
use App\Models\Kept\SaidCast;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\StepState;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\PieceEditor;
use App\Planning\Planner;
use App\Planning\PlanStore;
use App\Planning\ShopMapper;
use HonestGrain\Route\Route;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use LogicException;

/** Fills the demo workshop up for bin/bench: some pieces in work, the rest finished with their whole record. */
class SeedBench extends Command
{
    private const BLANKS = 1000;

    private const MODEL_BLANKS = 14;

    private const WEIGHTS_EACH = 20;

    protected $signature = 'bench:seed {working : pieces in work} {total : pieces altogether}';

    protected $description = 'Fills the demo workshop up for bin/bench';

    public function handle(PieceEditor $editor, Planner $planner, ShopMapper $mapper): int
    {
        /** @var Workshop $workshop */
        $workshop = Workshop::query()->whereIn(
            'id', User::query()->where('email', DemoWorkshop::EMAIL)->select('workshop_id'),
        )->firstOrFail();
        $models = $workshop->pieces()->working()->orderBy('id')->get();
        for ($i = $models->count(); $i < (int) $this->argument('working'); $i++) {
            $model = $models->get($i % $models->count()) ?? throw new LogicException('The demo has no pieces.');
            $editor->create($workshop, $model->document->with(['name' => "Bowl $i"]), null, plan: false);
        }
        $planner->plan($workshop);
        $this->rack($workshop);
        $this->finished($workshop, (int) $this->argument('total') - (int) $this->argument('working'), $mapper);
        $this->info(
            sprintf(
                '%d pieces, %d of them in work; %d steps; %d log entries.', $workshop->pieces()->count(),
                $workshop->pieces()->working()->count(), $workshop->plannedSteps()->count(),
                $workshop->logEntries()->count(),
            ),
        );

        return self::SUCCESS;
    }

    /** A thousand blanks with twenty weights each, as far as they are not there yet. */
    private function rack(Workshop $workshop): void
    {
        $models = $workshop->blanks()->where('number', '<=', self::MODEL_BLANKS)->get();
        for ($i = (int) $workshop->blanks()->max('number') + 1; $i <= self::BLANKS; $i++) {
            $model = $models->get($i % $models->count()) ?? throw new LogicException('The demo has no blanks.');
            $copy = $model->replicate(['piece_id']);
            $copy->number = $i;
            $copy->save();
            DB::table('weighings')->insert(array_map(fn (int $k): array => [
                'workshop_id' => $workshop->id, 'blank_id' => $copy->id, 'mass_g' => 2000 - 40 * $k + $i % 7,
                'at' => now()->subDays(300 - 14 * $k)->toDateTimeString(),
            ], range(0, self::WEIGHTS_EACH - 1)));
        }
    }

    private function finished(Workshop $workshop, int $wanted, ShopMapper $mapper): void
    {
        /** @var Piece $model */
        $model = $workshop->pieces()->where('state', PieceState::Done)->orderBy('id')->firstOrFail();
        $steps = Route::of(
            $mapper->piece($workshop, $model->document), $mapper->bench($workshop), $mapper->tables($workshop),
        )->steps;
        for ($i = $workshop->pieces()->where('state', PieceState::Done)->count(); $i < $wanted; $i++) {
            $copy = $model->replicate();
            $copy->name = "Finished $i";
            $copy->save();
            $rows = $log = [];
            foreach ($steps as $position => $step) {
                $at = now()->subDays($i % 700 + 3)->toDateTimeString();
                $rows[] = ['state' => StepState::Done->value, 'end_at' => $at]
                    + PlanStore::row($copy, $position, $step, []);
                $log[] = [
                    'workshop_id' => $workshop->id, 'piece_id' => $copy->id, 'kind' => EntryKind::Done->value,
                    'step' => $step->id,
                    'title' => SaidCast::written($step->words->title), 'happened_at' => $at, 'facts' => '{}',
                    'once_key' => "$copy->id:$step->id:0",
                ];
            }
            // The planner is at work beside it.
            DB::transaction(function () use ($rows, $log): void {
                DB::table('planned_steps')->insert($rows);
                DB::table('log_entries')->insert($log);
            });
        }
    }
}
