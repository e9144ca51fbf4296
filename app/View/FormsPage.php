<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Blank;
use HonestGrain\Drawing\OnBlank;
use HonestGrain\Route\FormOnBlank;

/** What could be made of a blank, form beside form, before anything is drawn. */
final readonly class FormsPage
{
    /** @param  list<FormOnBlank>  $found  the least lost first */
    public function __construct(public Blank $blank, private array $found, private Show $show)
    {
    }

    public function isAny(): bool
    {
        return $this->found !== [];
    }

    /** Whether it is known how far the heartwood of the blank reaches. */
    public function showsHeart(): bool
    {
        return array_filter($this->found, fn (FormOnBlank $one): bool => $one->heartShare !== null) !== [];
    }

    /** What the blank cost; null where nobody said. */
    public function price(): ?float
    {
        return $this->blank->core()->price;
    }

    /** @return list<FormRow> */
    public function rows(): array
    {
        $core = $this->blank->core();

        return array_map(function (FormOnBlank $one) use ($core): FormRow {
            $mm = fn (float $value): string => $this->show->length(floor($value));

            return new FormRow(
                drawing: (new OnBlank($core, $one->piece, $one->form->value))->svg($one->form->label()),
                form: $this->show->said($one->form->label()),
                sizes: say('view.forms-page.sizes', [
                    'across' => $mm($one->sizesMm['diameter']), 'high' => $mm($one->sizesMm['height']),
                ]),
                lost: $this->show->share($one->lostShare),
                weighs: $one->massG === null ? '–' : $this->show->mass($one->massG),
                heart: $one->heartShare === null ? '–' : $this->show->share($one->heartShare),
                hands: $this->show->minutes($one->handsMinutes),
                cost: $core->price === null ? '–' : number_format($core->price * $one->lostShare, 2),
                draw: route('pieces.create', ['blank' => $this->blank->id, 'form' => $one->form->value]),
                note: $one->canBeDated ? '' : say('view.forms-page.no-date'),
            );
        }, $this->found);
    }
}
