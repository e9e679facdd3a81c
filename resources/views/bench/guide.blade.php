@php($mark = $page->job->marks->firstWhere('station', $page->station))
<div class="tape-head"><h1>{{ \App\Words\StationWords::title($page->station) }}</h1></div>
<p class="caution"><x-warning-sign />{{ \App\Words\StationWords::caution($page->station, $page->analysed->described->sheets->family()) }}</p>
@if (in_array($page->station, [\Yoke\Workshop\Procedure\Station::Sway, \Yoke\Workshop\Procedure\Station::HookUp, \Yoke\Workshop\Procedure\Station::Road], true))
    <details class="how"><summary>{{ __('station.steps') }}</summary>@include('bench.steps')</details>
@else
    @include('bench.steps')
@endif
@includeWhen(in_array($page->station, [\Yoke\Workshop\Procedure\Station::Head, \Yoke\Workshop\Procedure\Station::Brackets], true), 'plan.torques', ['job' => $page->job])
@includeWhen($page->station === \Yoke\Workshop\Procedure\Station::Head, 'bench.coupler-and-ball')
@includeWhen($page->station === \Yoke\Workshop\Procedure\Station::Brackets && $page->analysed->described->sheets->family()?->hasBars(), 'bench.copied-height')
@includeWhen($page->station === \Yoke\Workshop\Procedure\Station::Brackets, 'bench.bars')
@includeWhen($page->station === \Yoke\Workshop\Procedure\Station::Prove, 'bench.prove')
@includeWhen($page->station === \Yoke\Workshop\Procedure\Station::Sway, 'sway.checks')
@includeWhen($page->station === \Yoke\Workshop\Procedure\Station::Road, 'road.form')
@if ($page->station === \Yoke\Workshop\Procedure\Station::HookUp)
    <div class="procedure-list">
        <p class="sentence">{{ __('page/bench.guide.step_by_step_with_the') }}</p>
        @foreach (\Yoke\Workshop\Procedure\Occasion::cases() as $occasion)<a class="button" href="{{ route('procedures.show', [$page->job, $occasion->value]) }}">{{ \App\Words\ProcedureWords::title($occasion) }}</a>@endforeach
    </div>
@endif
@php($isHandOver = $page->station === \Yoke\Workshop\Procedure\Station::HandOver)
@includeWhen($isHandOver && ! $mark, 'bench.left-open')
<div class="tape-foot">
    @if ($page->station === \Yoke\Workshop\Procedure\Station::Road)<button form="road" class="button">{{ __('page/bench.guide.save_road_test') }}</button>@endif
    @if ($mark)
        <p class="sentence">{{ __('page/bench.guide.closed_by', ['user' => $mark->user->name, 'created_at' => $mark->created_at->isoFormat('D MMM HH:mm')]) }}</p>
        <form method="post" action="{{ route('stations.open', [$page->job, $page->station->value]) }}">@csrf<button class="button is-small">{{ __('page/bench.guide.reopen') }}</button></form>
    @else
        <form method="post" action="{{ route('stations.close', [$page->job, $page->station->value]) }}">@csrf<button @class(['button', 'is-first' => ! $isHandOver || $page->leftOpen()->all() === []])>{{ $isHandOver ? __($page->leftOpen()->all() === [] ? 'left-open.hand_over' : 'left-open.all_the_same') : __('page/bench.guide.finish_station') }}</button></form>
    @endif
    @if ($isHandOver)<a class="button" href="{{ route('card', $page->job) }}">{{ __('page/bench.guide.the_card') }}</a>@endif
    @if ($page->station === \Yoke\Workshop\Procedure\Station::Prove)<a class="button is-small" href="{{ route('weigh', $page->job) }}">{{ __('page/bench.guide.weigh_station') }}</a>@endif
    @if ($page->planView() && ! in_array($page->station, [\Yoke\Workshop\Procedure\Station::Sway, \Yoke\Workshop\Procedure\Station::Road], true))<a class="button is-small" href="{{ route('jobs.plan', $page->job) }}">{{ __('page/bench.guide.plan_on_paper') }}</a>@endif
    @if (in_array($page->station, [\Yoke\Workshop\Procedure\Station::Brief, \Yoke\Workshop\Procedure\Station::Head, \Yoke\Workshop\Procedure\Station::HandOver], true))<a class="button is-small" href="{{ route('photos', $page->job) }}">{{ __('page/bench.guide.photos') }}</a>@endif
    @if (in_array($page->station, [\Yoke\Workshop\Procedure\Station::Brief, \Yoke\Workshop\Procedure\Station::HandOver], true))<a class="button is-small" href="{{ route('log.rig', $page->job->rig_id) }}">{{ __('page/bench.guide.its_history') }}</a>@endif
    <a class="button is-small" href="{{ route('jobs.log', $page->job) }}">{{ __('page/bench.guide.tape_log') }}</a>
</div>
