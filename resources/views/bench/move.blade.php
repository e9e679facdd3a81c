@php($line = $page->nextLine())
@if ($advice->isBeforeTheFirstMove())
@unless ($line->isAbove())<div class="do-next" data-move><p><span @if ($line->isEverywhere()) data-figure="move" @endif>{{ $line->says() }}</span></p></div>@endunless
@else
@php($move = $advice->recommendation())
@php($look = $move?->isToBeRead() === true ? null : $move?->look)
<div @class(['do-next', 'is-in-range' => $advice->isInRange()]) data-move>
    <p><span data-figure="move">{{ $advice->move() }}</span> @if ($advice->chance() !== '')<strong data-figure="chance">{{ $advice->chance() }}</strong>@endif</p>
    @if ($advice->expected() !== '')<p class="expected" data-figure="expected">{{ $advice->expected() }}</p>@endif
    @if ($advice->isInTheYardOnly())<p class="expected" data-yard-only>{{ __('move.yard_only') }}</p>@endif
    @if ($advice->worth() !== '')<p class="expected">{{ $advice->worth() }}</p>@endif
</div>
@if ($page->plan()->little() !== '')<p class="sentence" data-tone="note" data-little>{{ $page->plan()->little() }}</p>@endif
@if ($page->isSettingUnsaid())
    <p class="sentence" data-tone="note">{{ __('verdict.setting_unsaid') }}</p>
@elseif ($page->analysed->adjusters === null)
    <p class="sentence" data-tone="note"><a href="{{ $page->plan()->sheetOf(\Yoke\Rig\Specification\RigPart::Hitch) }}">{{ __('verdict.family_unsaid') }}</a></p>
@endif
@if ($look !== null)@include('bench.look')@endif
<form method="post" action="{{ route('rounds.store', [$page->job, 'bars-up']) }}" class="tape-foot">
    @csrf
    @if ($move?->next() !== null)
        @foreach ($move->next()->setting->told() as $key => $step)<input type="hidden" name="steps[{{ $key }}]" value="{{ $step }}">@endforeach
        <a class="button is-small" href="{{ route('bench', [$page->job, 'bars-up', 'try' => $move->next()->setting->told()]) }}" data-try="{{ json_encode($move->next()->setting->told()) }}">{{ __('setting.try') }}</a>
        <button class="button is-small">{{ $look === null ? __('setting.record') : __('move.without_second') }}</button>
    @elseif ($look === \Yoke\Judgement\Advice\Recheck::Carried)
        <input type="hidden" name="again" value="1"><button class="button is-small">{{ __('page/bench.move.measure_again') }}</button>
    @elseif ($look === null && ! $line->isHere() && $line->says() !== '')
        <a class="button is-small is-first" href="{{ route('bench', [$page->job, $line->station()->value]) }}">{{ __('next.go', ['station' => $line->title()]) }}</a>
    @endif
    <a class="button is-small" href="{{ route('jobs.diagnosis', $page->job) }}">{{ __('page/bench.move.diagnosis') }}</a>
</form>
@endif
