<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\ToolMark;
use HonestGrain\Abrasive\Wiping;
use HonestGrain\Geometry\Face;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/** How the faces of a part are sanded, what is left alone, and what is at hand. */
final readonly class SurfacePlan
{
    public const TOOL_MARK_UM = [1.0, 5000.0];

    private const MAX_GRITS = 20;

    private const MAX_ABRASIVES = 200;

    /**
     * @param  array<string, FacePlan>  $faces  every one, by its name
     * @param  list<Face>  $unsanded  faces that no abrasive touches
     * @param  list<Face>  $sanded  faces that are sanded though they usually are not: bores
     * @param  list<Grit>|null  $abrasives  what is at hand, where the document says so
     */
    private function __construct(
        private array $faces,
        public array $unsanded,
        public array $sanded,
        public ?array $abrasives,
    ) {
    }

    public static function read(Document $surface, AbrasiveTable $table): self
    {
        $unsanded = self::listed($surface, 'unsanded');
        $forUse = self::listed($surface, 'for_use');
        $sanded = self::listed($surface, 'sanded');
        $marks = self::toolMarks($surface);
        $faces = [];
        foreach (['own', 'stop_at', 'cut', 'method', 'wet', 'uses', 'wiped'] as $key) {
            foreach ($surface->childOr($key)->keys() as $name) {
                self::face($surface->at("$key.$name"), $name);
            }
        }
        foreach (Face::cases() as $face) {
            $name = $face->value;
            $has = fn (string $key): bool => $surface->childOr($key)->has($name);
            $cut = $has('cut') ? self::choice($surface, 'cut', $name, ToolMark::cases()) : null;
            $method = $has('method') ? self::choice($surface, 'method', $name, Method::cases()) : null;
            $wet = $has('wet') ? self::choice($surface, 'wet', $name, Lubricant::cases()) : null;
            $faces[$name] = new FacePlan(
                cut: new CutFace($cut === null ? null : ToolMark::from($cut), $marks[$name] ?? null),
                own: $has('own') ? $table->allNamed(
                    $surface->child('own')->strings($name, self::MAX_GRITS), $surface->at("own.$name"),
                ) : [],
                stopAt: $has('stop_at') ? $table->named(
                    $surface->child('stop_at')->text($name, 20), $surface->at("stop_at.$name"),
                ) : null,
                method: $method === null ? null : Method::from($method),
                wet: $wet === null ? null : Lubricant::from($wet),
                isForUse: in_array($face, $forUse, true),
                use: $has('uses') ? FaceUse::from(self::choice($surface, 'uses', $name, FaceUse::cases())) : null,
                wiped: self::wiped($surface->childOr('wiped')->childOr($name), $table),
            );
        }

        return new self($faces, $unsanded, $sanded, $surface->has('abrasives') ? $table->allNamed(
            $surface->strings('abrasives', self::MAX_ABRASIVES), $surface->at('abrasives'),
        ) : null);
    }

    public function of(Face $face): FacePlan
    {
        return $this->faces[$face->value] ?? new FacePlan;
    }

    /** Whether no abrasive touches it: a bore gets none unless it is asked for. */
    public function leaves(Face $face): bool
    {
        return in_array($face, $this->unsanded, true) || ($face === Face::Bore && ! $this->asksFor($face));
    }

    /** Whether the maker wants it sanded, though it usually is not. */
    public function asksFor(Face $face): bool
    {
        return in_array($face, $this->sanded, true) || $this->of($face)->own !== []
            || $this->of($face)->stopAt !== null;
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        $said = fn (callable $of): object => (object) array_filter(
            array_map($of, $this->faces), fn (mixed $value): bool => $value !== null && $value !== [],
        );

        $uses = $said(fn (FacePlan $one): ?string => $one->use?->value);
        $wiped = $said(fn (FacePlan $one): array => array_map(fn (Wiping $with): string => $with->value, $one->wiped));

        return [
            'cut' => $said(fn (FacePlan $one): ?string => $one->cut->by?->value),
            'tool_mark_um' => $said(fn (FacePlan $one): ?float => $one->cut->markUm),
            'own' => $said(fn (FacePlan $one): array => self::names($one->own)),
            'stop_at' => $said(fn (FacePlan $one): ?string => $one->stopAt?->name),
            'method' => $said(fn (FacePlan $one): ?string => $one->method?->value),
            'wet' => $said(fn (FacePlan $one): ?string => $one->wet?->value),
            'for_use' => array_keys(array_filter($this->faces, fn (FacePlan $one): bool => $one->isForUse)),
            'unsanded' => Face::names($this->unsanded),
        ] + ($this->sanded === [] ? [] : ['sanded' => Face::names($this->sanded)])
            + ((array) $uses === [] ? [] : ['uses' => $uses])
            + ((array) $wiped === [] ? [] : ['wiped' => $wiped])
            + ($this->abrasives === null ? [] : ['abrasives' => self::names($this->abrasives)]);
    }

    /** @return array<string, Wiping> by grit */
    private static function wiped(Document $face, AbrasiveTable $table): array
    {
        if (count($face->keys()) > self::MAX_GRITS) {
            throw InvalidField::because($face->path, count($face->keys()), 'at most '.self::MAX_GRITS.' grits');
        }
        $wiped = [];
        foreach ($face->keys() as $grit) {
            $name = $table->named($grit, $face->at($grit))->name;
            $wiped[$name] = Wiping::from($face->choice($grit, array_column(Wiping::cases(), 'value')));
        }

        return $wiped;
    }

    /**
     * @param  list<Grit>  $grits
     * @return list<string>
     */
    private static function names(array $grits): array
    {
        return array_map(fn (Grit $grit): string => $grit->name, $grits);
    }

    /** @return array<string, float> one figure stands for every face */
    private static function toolMarks(Document $surface): array
    {
        $value = $surface->value('tool_mark_um');
        if ($value === null) {
            return [];
        }
        if (! is_array($value)) {
            return array_fill_keys(Face::names(), $surface->number('tool_mark_um', ...self::TOOL_MARK_UM));
        }
        $marks = [];
        foreach ($surface->child('tool_mark_um')->keys() as $face) {
            self::face($surface->at("tool_mark_um.$face"), $face);
            $marks[$face] = $surface->child('tool_mark_um')->number($face, ...self::TOOL_MARK_UM);
        }

        return $marks;
    }

    /** @param  list<\BackedEnum>  $cases */
    private static function choice(Document $surface, string $key, string $face, array $cases): string
    {
        return $surface->child($key)->choice(
            $face, array_map(fn (\BackedEnum $case): string => (string) $case->value, $cases),
        );
    }

    /** @return list<Face> faces */
    private static function listed(Document $surface, string $key): array
    {
        return $surface->has($key) ? Face::once(Face::read($surface, $key)) : [];
    }

    private static function face(string $field, string $face): void
    {
        if (Face::tryFrom($face) === null) {
            throw InvalidField::choice($field, $face, Face::names());
        }
    }
}
