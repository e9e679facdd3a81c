@if ($page->analysed->described->sheets->isPlainBall())
<div class="verdict-main">
    @foreach ($page->advice()->suspects() as $suspect)<p class="sentence" data-tone="caution" data-suspect>{{ $page->advice()->verdictWords->suspect($suspect) }}</p>@endforeach
    @include('plan.need', ['plan' => $page->plan()])
    <p class="disclaimer">{{ __('verdict.disclaimer') }}</p>
</div>
@else
@php($advice = $page->advice())
@php($hookUps = $page->hookUps())
<div class="verdict-main">
    @foreach ($advice->suspects() as $suspect)
        <p @class(['do-next is-over' => $advice->isProbable($suspect), 'sentence' => ! $advice->isProbable($suspect)]) data-tone="caution" data-suspect>{{ $advice->verdictWords->suspect($suspect) }}</p>
    @endforeach
    @include('bench.verdict-head')
    @if ($page->tape()->waysOfTaping() !== '')
        <p class="sentence" data-tone="caution">{{ $page->tape()->waysOfTaping() }}</p>
    @endif
    @if ($page->makersWord() !== '')
        <p @class(['do-next is-over' => $page->isForbidden(), 'sentence' => ! $page->isForbidden()])>{{ $page->makersWord() }}</p>
    @endif
    @if ($page->job->handed_over_at !== null)
        <div class="do-next is-in-range" data-handed-over>
            <p>{{ $advice->handedOver() }}</p>
        </div>
        <details class="why is-asked"><summary class="button is-small">{{ __('move.show_advice') }}</summary>
    @endif
    @includeWhen(! $page->isForbidden(), 'bench.move')
    @if ($page->job->handed_over_at !== null)</details>@endif
    @includeWhen($page->station === \Yoke\Workshop\Procedure\Station::BarsUp, 'bench.ladder')
</div>
<div class="verdict-more">
    @include('bench.tabs')
    @include('bench.tab-'.$page->look->tab->value)
    <p class="disclaimer">{{ __('verdict.disclaimer') }}</p>
</div>
@endif
