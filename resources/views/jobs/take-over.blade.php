@php($current = $page->current())
@php($refusals = session('errors')?->getBag('fact'))
<x-layout :title="__('take-over.title').', '.$page->job->title">
    <main class="yard take-over">
        <div class="yard-head"><h1>{{ __('take-over.title') }} <span class="font-normal text-muted">· {{ $page->job->title }}</span></h1></div>
        <p class="sentence">{{ __('take-over.lead') }}</p>
        <ol class="guide-steps">
            @foreach ($page->steps() as $step)
                <li @class(['card', 'is-done' => $step['done'], 'is-current' => $step['key'] === $current]) data-step="{{ $step['key'] }}">
                    <p><strong>{{ __("take-over.steps.{$step['key']}.does") }}</strong> @if ($step['done'])<span class="who">{{ __('take-over.done') }}</span>@endif</p>
                    <p class="sentence">{{ __("take-over.steps.{$step['key']}.why") }}</p>
                    @if ($step['at'] !== null)
                        <a @class(['button', 'is-small' => $step['key'] !== $current, 'is-first' => $step['key'] === $current]) href="{{ $step['at'] }}">{{ __("take-over.steps.{$step['key']}.go") }}</a>
                    @else
                        @php($field = $step['field'])
                        @php($refusal = $refusals?->first($field['key']) ?? '')
                        <form method="post" action="{{ route('facts.guide', [$page->job, $field['part']->value, $field['key']]) }}" class="one-field">
                            @csrf
                            <div class="field">
                                <label for="{{ $field['key'] }}">{{ \App\Words\SpecificationWords::label($field['part'], $field['key']) }}</label>
                                <input id="{{ $field['key'] }}" name="{{ $field['key'] }}" value="{{ old($field['key'], $page->shown($field['part'], $field['key'])) }}" autocomplete="off" aria-describedby="{{ $field['key'] }}-says" @if ($refusal !== '') aria-invalid="true" @endif>
                            </div>
                            <button class="button">{{ __("take-over.steps.{$step['key']}.go") }}</button>
                            <p class="sentence" id="{{ $field['key'] }}-says" @if ($refusal !== '') data-tone="stop" @endif>{{ $refusal }}</p>
                        </form>
                    @endif
                </li>
            @endforeach
        </ol>
        <section class="card take-over-plan" aria-label="{{ __('take-over.plan') }}" data-plan>
            <h2>{{ __('take-over.plan') }}</h2>
            @if (! $page->canTell())
                <p class="sentence">{{ __('take-over.plan_waits') }}</p>
            @else
                <ol class="remedy">
                    @if ($page->head() !== [])<li data-head>{{ implode(' ', $page->head()) }}</li>@endif
                    @if ($page->tension() !== '')<li data-tension>{{ $page->tension() }}</li>@elseif ($page->expected() === '')@forelse ($page->diagnosis->moves() as $move)<li>{{ $move }}.</li>@empty<li>{{ $page->bench->advice()->move() }}</li>@endforelse @endif
                </ol>
                <p class="do-next" data-expected>{{ $page->expected() !== '' ? $page->expected() : ($page->diagnosis->expected() !== '' ? $page->diagnosis->expected() : $page->bench->advice()->chance()) }}</p>
                <div class="tape-foot">
                    <a class="button" href="{{ route('bench', [$page->job, 'head']) }}">{{ __('take-over.head.record') }}</a>
                    <a class="button is-small" href="{{ route('jobs.diagnosis', $page->job) }}">{{ __('take-over.diagnosis') }}</a>
                </div>
            @endif
        </section>
        <p class="sentence">{{ __('finding.caution') }}</p>
    </main>
</x-layout>
