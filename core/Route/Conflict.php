<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Coating\PairVerdict;
use HonestGrain\Coating\Verdict;
use HonestGrain\Reading\Copy;
use HonestGrain\Words\Said;

/** Two wishes that do not go together, in words, with the choices that resolve it. */
final readonly class Conflict
{
    /**
     * @param  list<string>  $steps
     * @param  list<Said>  $choices
     */
    private function __construct(
        public bool $forbids,
        public array $steps,
        public Said $message,
        public array $choices,
        public ConflictCode $code = ConflictCode::Forbidden,
    ) {
    }

    /**
     * @param  list<string>  $steps
     * @param  list<Said>  $choices
     */
    public static function warn(array $steps, Said $message, array $choices): self
    {
        return new self(false, $steps, $message, $choices);
    }

    /**
     * @param  list<string>  $steps
     * @param  list<Said>  $choices
     */
    public static function forbid(
        array $steps,
        Said $message,
        array $choices,
        ConflictCode $code = ConflictCode::Forbidden,
    ): self {
        return new self(true, $steps, $message, $choices, $code);
    }

    /**
     * What a pair of products does to each other; null where they go together.
     *
     * @param  list<string>  $steps
     */
    public static function ofPair(PairVerdict $pair, array $steps): ?self
    {
        $message = new Said('route.conflict.pair', [
            'over' => $pair->over, 'under' => $pair->under, 'reason' => $pair->reason,
        ]);
        $another = new Said('route.conflict.choose-another-coat');
        $choices = $pair->mend === null ? [$another] : [$pair->mend, $another];

        return match ($pair->verdict) {
            Verdict::Fine => null,
            Verdict::Never => self::forbid($steps, $message, $choices),
            default => self::warn($steps, $message, $choices),
        };
    }

    /**
     * The same, of these steps.
     *
     * @param  list<string>  $steps
     */
    public function of(array $steps): self
    {
        return Copy::with($this, ['steps' => $steps]);
    }

    /** @return array{severity: string, steps: list<string>, message: Said, choices: list<Said>} */
    public function toArray(): array
    {
        return [
            'severity' => $this->forbids ? 'forbid' : 'warn', 'steps' => $this->steps, 'message' => $this->message,
            'choices' => $this->choices,
        ];
    }
}
