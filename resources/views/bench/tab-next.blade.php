@php($advised = $workup->advised())
@php($outlook = $advised->outlook)
@php($judged = $page->restoration())
<div class="verdict">
    @include('bench.verdict-head')
    @if ($page->waysOfTaping() !== '')
        <p class="sentence" data-tone="caution">{{ $page->waysOfTaping() }}</p>
    @endif
    @if ($page->makersWord() !== '')
        <p @class(['do-next is-over' => $page->isForbidden(), 'sentence' => ! $page->isForbidden()])>{{ $page->makersWord() }}</p>
    @endif
    @if ($page->isSettingUnsaid())
        <p class="do-next is-{{ \Illuminate\Support\Str::slug($judged->verdict->value) }}">{{ $judged->advice }}</p>
        <p class="sentence" data-tone="note">Say which setting is on: then all readings count together, and the next move is worked out.</p>
    @elseif (! $page->isForbidden())
        <div @class(['do-next', 'is-in-band' => $advised->move === \Yoke\Advice\Action::Stop])>
            <p>{{ $advice->move() }} <strong>{{ ucfirst($advice->chance($outlook)) }} chance in band.</strong></p>
            <p class="expected">{{ $advised->move === \Yoke\Advice\Action::Stop ? 'Truly' : 'Expect' }} front {{ $advice->expected(\Yoke\Rig\Axle::Front) }}, rear {{ $advice->expected(\Yoke\Rig\Axle::Rear) }}.</p>
        </div>
        <form method="post" action="{{ route('rounds.store', [$page->job, 'bars-up']) }}" class="tape-foot">
            @csrf
            @if ($advised->move === \Yoke\Advice\Action::Set)
                @foreach ($outlook->setting->steps() as $key => $step)<input type="hidden" name="steps[{{ $key }}]" value="{{ $step }}">@endforeach
                <button class="button is-small">Hooked up so: {{ $advice->name($outlook) }}</button>
            @elseif ($advised->move === \Yoke\Advice\Action::ReadAgain)
                <input type="hidden" name="again" value="1"><button class="button is-small">Read it again</button>
            @elseif ($advised->move === \Yoke\Advice\Action::Stop)
                <a class="button is-small" href="{{ route('bench', [$page->job, 'prove']) }}">Go on to Prove</a>
            @endif
            <a class="button is-small" href="{{ route('jobs.diagnosis', $page->job) }}">What is wrong with it</a>
        </form>
        <p class="sentence reasons">
            @if ($page->job->method !== \Yoke\Method\Criterion::FrontRestoration){{ ucfirst($page->job->method->inWords()) }} governs. @endif
            @if ($page->heights->at(\Yoke\Rig\Stance::Carried, \Yoke\Rig\Axle::Front) && ! $page->heights->at(\Yoke\Rig\Stance::Dropped, \Yoke\Rig\Axle::Front))Dropped is not taped: this rests on the model and what is usual, so its doubt is large. @endif
            @if ($judged->verdict === \Yoke\Method\Verdict::Waiting || $advised->move === \Yoke\Advice\Action::Stop){{ $judged->advice }}@endif
            {{ $workup->reasons()->because() }}
            @if ($advised->move !== \Yoke\Advice\Action::Stop && $workup->runnersUp() !== [])
                <strong>Next best:</strong> @foreach ($workup->runnersUp() as $other){{ $advice->name($other) }} ({{ $advice->chance($other) }}){{ $loop->last ? '.' : '; ' }}@endforeach
            @endif
            @if ($workup->excluded() !== [])
                <strong>Left out:</strong> @foreach ($workup->excluded() as $why => $many){{ $many }} {{ $many === 1 ? 'setting' : 'settings' }}, {{ $why }}{{ $loop->last ? '.' : '; ' }}@endforeach
            @endif
        </p>
    @endif
    @include('bench.rule')
</div>
