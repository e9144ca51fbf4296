<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Denib;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\Stack;
use HonestGrain\Command\Verb;
use HonestGrain\Piece\Piece;
use HonestGrain\Reading\Document;

/** Whether each layer may go over the one below. */
final readonly class StackVerb implements Verb
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'stack';
    }

    public function example(): string
    {
        return '{"wood":"Ash (white)","layers":[{"product":"Dewaxed shellac (2 lb cut)","denib":null,'
            .'"hours_since_previous":null},{"product":"Wiping varnish (oil-based thinned)","denib":"pad",'
            .'"hours_since_previous":24}]}';
    }

    public function answer(Document $question): array
    {
        $name = $question->textOr('wood', null);
        $coatings = $this->catalogue->coatings();
        foreach ($question->has('mixes') ? $question->children('mixes', Piece::MAX_MIXES) : [] as $mix) {
            $coatings = $coatings->withMix($mix);
        }
        $layers = array_map(fn (Document $layer): Layer => new Layer(
            $coatings->product($layer->text('product'), $layer->at('product')),
            $layer->has('denib') ? Denib::from($layer->choice('denib', array_column(Denib::cases(), 'value'))) : null,
            $layer->numberOr('hours_since_previous', null, 0, 1e6),
        ), $question->children('layers', 40, 1));

        return Stack::judge(
            $this->catalogue->compatibility(), $name === null ? null : $this->catalogue->woods()->named($name),
            $layers,
        )->toArray();
    }
}
