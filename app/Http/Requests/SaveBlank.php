<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Blank;
use App\Models\User;
use App\Planning\ShopMapper;
use App\View\Show;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Node;
use HonestGrain\Rack\Blank as CoreBlank;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Rack\Keeping;
use HonestGrain\Rack\Pith;
use HonestGrain\Reading\Document;
use HonestGrain\Wood\Rings;
use HonestGrain\Words\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a blank is, where it stands and how it is kept. */
class SaveBlank extends FormRequest
{
    private const DATES = ['felled_on', 'cut_on', 'roughed_on', 'kiln_on'];

    /** @return array<string, mixed> */
    public function rules(Show $show, ShopMapper $mapper): array
    {
        /** @var User $user */
        $user = $this->user();
        $length = fn (float $most): string => $show->between(Unit::Length, 1, $most);
        $isRough = BlankForm::tryFrom($this->string('form')->toString())?->isRough() ?? false;

        return [
            'version' => ['nullable', 'integer'],
            'number' => ['nullable', 'integer', 'between:1,999999'],
            'form' => ['required', Rule::enum(BlankForm::class)],
            'wood' => ['required', Rule::in($mapper->tables($user->workshop)->woods->names())],
            'grain' => ['nullable', Rule::enum(GrainDirection::class)],
            'diameter_mm' => ['required', 'numeric', $length(Node::MAX_MM)],
            'length_mm' => ['required', 'numeric', $length(Node::MAX_MM)],
            'wall_mm' => $isRough ? ['required', 'numeric', $length(CoreBlank::MOST_WALL_MM)] : ['exclude'],
            'tenon_mm' => ['nullable', 'numeric', $length(Node::MAX_MM)],
            'recess_mm' => ['nullable', 'numeric', $length(Node::MAX_MM)],
            'long_mm' => ['nullable', 'required_with:short_mm', 'numeric', $length(Node::MAX_MM)],
            'short_mm' => ['nullable', 'required_with:long_mm', 'numeric', 'lte:long_mm', $length(Node::MAX_MM)],
            'sapwood_mm' => ['nullable', 'numeric', $show->between(Unit::Length, 0, Node::MAX_MM / 2)],
            'pith' => ['required', Rule::enum(Pith::class)],
            'keeping' => ['required', Rule::enum(Keeping::class)],
            'air' => ['nullable', Rule::in($user->workshop->airs->modelKeys())],
            'place' => ['nullable', 'string', 'max:60'],
            'source' => ['nullable', 'string', 'max:120'],
            'given_by' => ['nullable', 'string', 'max:120'],
            'promised_for' => ['nullable', 'string', 'max:120'],
            'rings' => ['nullable', Rule::enum(Rings::class)],
            'meter_percent' => ['nullable', 'numeric', 'between:0,200'], 'taken_as_dry' => ['nullable'],
            'price' => ['nullable', 'numeric', 'between:0,1000000'],
            'note' => ['nullable', 'string', 'max:500'],
        ] + array_fill_keys(self::DATES, ['nullable', 'date_format:Y-m-d', 'after:1900-01-01', 'before:2100-01-01']);
    }

    /** The air that it dries in; null for the shop's own. */
    public function airId(): ?int
    {
        return $this->validated('air') === null ? null : (int) $this->validated('air');
    }

    /** @param  Blank|null  $before  whose flaws stay */
    public function document(Show $show, ?Blank $before = null): Document
    {
        $typed = $this->validated();
        $document = ['form' => $typed['form'], 'wood' => $typed['wood']];
        foreach ([
            'diameter_mm', 'length_mm', 'wall_mm', 'tenon_mm', 'recess_mm', 'sapwood_mm', 'long_mm', 'short_mm',
        ] as $size) {
            if (isset($typed[$size])) {
                $document[$size] = round($show->typed(Unit::Length, (float) $typed[$size]), 2);
            }
        }
        foreach ([
            'grain', 'rings', 'pith', 'keeping', 'place', 'source', 'given_by', 'promised_for', 'note', ...self::DATES,
        ] as $field) {
            if (isset($typed[$field])) {
                $document[$field] = $typed[$field];
            }
        }

        foreach (['price', 'meter_percent'] as $number) {
            if (isset($typed[$number])) {
                $document[$number] = (float) $typed[$number];
            }
        }

        return Document::of($document + (isset($typed['taken_as_dry']) ? ['taken_as_dry' => true] : [])
            + ['flaws' => $before?->document->value('flaws') ?? []]);
    }
}
