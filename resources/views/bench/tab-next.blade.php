@php($move = $advice->recommendation())
<div class="verdict">
    @include('bench.verdict-head')
    @if ($page->waysOfTaping() !== '')
        <p class="sentence" data-tone="caution">{{ $page->waysOfTaping() }}</p>
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
    @if (! $page->isForbidden())
        <div @class(['do-next', 'is-in-range' => $advice->isInRange()]) data-move>
            <p>{{ $advice->move() }} @if ($advice->chance() !== '')<strong>{{ $advice->chance() }}</strong>@endif</p>
            @if ($advice->expected() !== '')<p class="expected">{{ $advice->expected() }}</p>@endif
            @if ($advice->worth() !== '')<p class="expected">{{ $advice->worth() }}</p>@endif
        </div>
        @if ($page->isSettingUnsaid())
            <p class="sentence" data-tone="note">{{ __('verdict.setting_unsaid') }}</p>
        @elseif ($page->analysed->adjusters === null)
            <p class="sentence" data-tone="note"><a href="{{ $page->plan()->sheetOf(\Yoke\Specification\RigPart::Hitch) }}">{{ __('verdict.family_unsaid') }}</a></p>
        @endif
        <form method="post" action="{{ route('rounds.store', [$page->job, 'bars-up']) }}" class="tape-foot">
            @csrf
            @if ($move?->action === \Yoke\Advice\Action::Set)
                @foreach ($move->forecast->setting->steps() as $key => $step)<input type="hidden" name="steps[{{ $key }}]" value="{{ $step }}">@endforeach
                <button class="button is-small">Record this hook-up</button>
            @elseif ($move?->action === \Yoke\Advice\Action::ReadAgain)
                <input type="hidden" name="again" value="1"><button class="button is-small">Measure again</button>
            @elseif ($move?->action === \Yoke\Advice\Action::Stop)
                <a class="button is-small" href="{{ route('bench', [$page->job, 'prove']) }}">Next: Prove</a>
            @endif
            <a class="button is-small" href="{{ route('jobs.diagnosis', $page->job) }}">Show the diagnosis</a>
            <details class="why">
                <summary class="button is-small">Why</summary>
                <ul class="reasons">
                    @foreach ($advice->because() as $sentence)<li>{{ $sentence }}</li>@endforeach
                    @if ($advice->runnersUp() !== [])
                        <li><strong>Other options:</strong> @foreach ($advice->runnersUp() as $other){{ $advice->name($other) }} ({{ $advice->says->chance($other->chance) }}){{ $loop->last ? '.' : '; ' }}@endforeach</li>
                    @endif
                    @if ($advice->ruledOut() !== [])
                        <li><strong>Ruled out:</strong> @foreach ($advice->ruledOut() as $why => $many){{ $many }} {{ $many === 1 ? 'setting' : 'settings' }}, {{ $why }}{{ $loop->last ? '.' : '; ' }}@endforeach</li>
                    @endif
                </ul>
            </details>
        </form>
    @endif
    @if ($page->job->handed_over_at !== null)</details>@endif
    @include('bench.evidence')
    @include('bench.rule')
    @if ($advice->verdict() === null)@include('plan.assumptions', ['plan' => $page->plan()])@endif
</div>
