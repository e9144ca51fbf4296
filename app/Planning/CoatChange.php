<?php

declare(strict_types=1);

namespace App\Planning;

use HonestGrain\Coating\Denib;
use HonestGrain\Coating\ProvenStack;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatedWhen;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Sheen;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Said;
use Illuminate\Validation\ValidationException;

/** One press on the Coats page. */
final readonly class CoatChange
{
    /**
     * @param  array<string, mixed>  $typed  as `ChangeCoats` lets it through
     * @param  list<ProvenStack>  $stacks
     */
    public function __construct(private array $typed, private array $stacks)
    {
    }

    /** @throws ValidationException where what is named has gone meanwhile, or no surface is meant */
    public function make(Part $part, Tables $tables): Part
    {
        if ($this->typed['do'] === 'stack') {
            return $this->stack($part, $tables);
        }
        $plan = $part->coatPlan($this->typed['plan'] ?? '') ?? throw self::gone('plan');

        return match ($this->typed['do']) {
            'unplan' => $part->withoutCoats($plan->id),
            'buff' => $part->withCoats($plan->buffed(BuffWith::tryFrom($this->typed['buff'] ?? ''))),
            'sheen' => $part->withCoats($plan->shining(Sheen::tryFrom($this->typed['sheen'] ?? ''))),
            'when' => $part->withCoats($plan->coatedWhen(CoatedWhen::tryFrom($this->typed['when'] ?? ''))),
            'add' => $part->withCoats($plan->withCoat(
                $this->coat($part, $plan, $tables), $this->typed['under'] ?? null,
            )),
            default => $part->withCoats($this->changed($plan)),
        };
    }

    /** The coats of one part put on another as well, as far as it has these faces. */
    public function copied(CorePiece $core, Part $from, Tables $tables): CorePiece
    {
        $to = $core->part($this->typed['to'] ?? '') ?? throw self::gone('to');
        $plan = $from->coatPlan($this->typed['plan'] ?? '') ?? throw self::gone('plan');
        $there = $plan->onPart($to, $tables->coatings) ?? throw ValidationException::withMessages([
            'to' => say('planning.coat-change.no-such-face', ['part' => Said::name($to->name)]),
        ]);

        return $core->withPart($to->coatedBy($there));
    }

    private static function gone(string $field): ValidationException
    {
        return ValidationException::withMessages([$field => say("planning.coat-change.gone.$field")]);
    }

    /** A zone wears one stack: taking it here takes it away there. */
    private function stack(Part $part, Tables $tables): Part
    {
        $zones = $this->typed['zones'] ?? [];
        if ($zones === []) {
            throw ValidationException::withMessages([
                'zones' => say('planning.coat-change.no-surface-ticked-tick'),
            ]);
        }
        $chosen = array_filter(
            $this->stacks, fn (ProvenStack $one): bool => $one->id === ($this->typed['stack'] ?? ''),
        );

        return $part->coatedBy(CoatPlan::taken(
            Face::all(array_values($zones)), reset($chosen) ?: null, $tables->coatings,
        ));
    }

    private function coat(Part $part, CoatPlan $plan, Tables $tables): Coat
    {
        return Coat::read(Document::of(
            [
                'id' => Id::fresh('l'), 'product' => $this->typed['product'] ?? '',
                'denib' => $this->typed['denib'] ?? null,
            ],
            sprintf('coats.%d.layers.%d', (int) array_search($plan, $part->coatPlans, true), count($plan->coats)),
        ), $tables->coatings);
    }

    private function changed(CoatPlan $plan): CoatPlan
    {
        $coat = $plan->coat($this->typed['coat'] ?? '')->id ?? throw self::gone('coat');

        return match ($this->typed['do']) {
            'remove' => $plan->withoutCoat($coat),
            'up' => $plan->withMoved($coat, -1),
            'down' => $plan->withMoved($coat, 1),
            'place' => $plan->withPlaced($coat, $this->typed['under'] ?? null),
            default => $plan->withRubbedBelow($coat, Denib::tryFrom($this->typed['denib'] ?? '')),
        };
    }
}
