<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Planning\ShopMapper;
use App\View\LabQuestion;
use App\View\Show;
use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Abrasive\Exception\UnknownGrit;
use HonestGrain\Abrasive\Finish;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\ScratchLab;
use HonestGrain\Abrasive\ToolMark;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What is tried in the grit lab. All of it stands in the address, so that it can be sent to somebody. */
class LookInLab extends FormRequest
{
    private const AREA_CM2 = [1.0, 20_000.0];

    private const SPEED_M_S = [0.5, 10.0];

    private const PLANS = ['a' => 'P80, P120, P180, P240', 'b' => 'P80, P400'];

    /** @return array<string, mixed> */
    public function rules(ShopMapper $mapper): array
    {
        /** @var User $user */
        $user = $this->user();
        $isImperial = $this->query('u') === 'imperial';
        $between = fn (Unit $unit, array $range): string => 'between:'.implode(',', array_map(
            fn (float $value): string => (string) round($unit->toReader($value, $isImperial), 3), $range,
        ));

        return [
            'u' => ['nullable', Rule::in(['metric', 'imperial'])],
            'wood' => ['nullable', Rule::in($mapper->tables($user->workshop)->woods->names())],
            'cut' => ['nullable', Rule::enum(ToolMark::class)],
            'asked' => ['nullable', Rule::enum(Finish::class)],
            'area' => ['nullable', 'numeric', $between(Unit::Area, self::AREA_CM2)],
            'speed' => ['nullable', 'numeric', $between(Unit::Speed, self::SPEED_M_S)],
            'seed' => ['nullable', 'integer', 'between:0,1000000'],
            'pass' => ['nullable', 'integer', 'between:0,'.ScratchLab::MOST_GRITS],
            'light' => ['nullable', 'numeric', 'between:1,60'],
            'a' => ['nullable', 'string', 'max:300'], 'b' => ['nullable', 'string', 'max:300'],
        ];
    }

    public function question(AbrasiveTable $table, Show $show): LabQuestion
    {
        $typed = $this->validated();
        $metric = fn (Unit $unit, string $field, float $usual): float => isset($typed[$field])
            ? $unit->toMetric((float) $typed[$field], ($typed['u'] ?? '') === 'imperial') : $usual;

        return new LabQuestion(
            $typed['wood'] ?? 'Maple (sugar)', ToolMark::from($typed['cut'] ?? ToolMark::Scraped->value),
            Finish::from($typed['asked'] ?? Finish::Oil->value), $metric(Unit::Area, 'area', 500.0),
            $metric(Unit::Speed, 'speed', 3.0), (int) ($typed['seed'] ?? 7),
            isset($typed['pass']) ? (int) $typed['pass'] : null, (float) ($typed['light'] ?? 12),
            ['a' => $this->grits('a', $table, $show), 'b' => $this->grits('b', $table, $show)],
        );
    }

    /** What is refused is said on the lab itself, with what was typed still in its fields. */
    protected function getRedirectUrl(): string
    {
        return route('lab');
    }

    /** @return list<Grit> */
    private function grits(string $plan, AbrasiveTable $table, Show $show): array
    {
        // A link that names no plan shows a sound one beside a habit.
        $line = $this->has('a') || $this->has('b') ? (string) $this->validated($plan) : self::PLANS[$plan];
        $names = array_values(array_filter(array_map(
            $show->typedGrit(...), preg_split('/[,;→>]+/u', $line) ?: [],
        ), fn (string $name): bool => $name !== ''));
        if (count($names) > ScratchLab::MOST_GRITS) {
            throw ValidationException::withMessages([
                $plan => say('http.look-in-lab.plan-takes-most-sheets', [
                    'mostGrits' => ScratchLab::MOST_GRITS,
                ]),
            ])->redirectTo(route('lab'));
        }
        try {
            return $table->allNamed($names, $plan);
        } catch (UnknownGrit $e) {
            throw ValidationException::withMessages([$plan => $show->said($e->said)])
                ->redirectTo(route('lab'));
        }
    }
}
