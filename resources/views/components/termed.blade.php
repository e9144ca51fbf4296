{{-- A text of the craft: the first word of each kind leads to what it means. --}}
@props(['folded' => false])
@inject('links', 'App\View\TermLinks')
{!! $folded ? $links->inFolded((string) $slot) : $links->in((string) $slot) !!}
