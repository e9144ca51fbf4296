@inject('planner', 'App\Planning\Planner')
@php($stale = $planner->isStale($me->workshop))
<div x-data="planNews" data-address="{{ route('plan') }}" @if ($stale) data-waits @endif role="status">
    @if ($stale)
        <div class="small flex flex-wrap items-baseline gap-x-4">
            <span class="faint">{{ $show->planAge($me->workshop->planned_at) }} The new plan is being made.</span>
            <form method="post" action="{{ route('plan.make') }}" class="no-print">
                @csrf
                <button class="quiet">Make it now</button>
            </form>
        </div>
    @endif
</div>
