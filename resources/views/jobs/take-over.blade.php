@php($current = $page->current())
@php($refusals = session('errors')?->getBag('fact'))
<x-layout :title="__('take-over.title').', '.$page->job->title">
    <main class="yard take-over">
        <div class="yard-head"><h1>{{ __('take-over.title') }} <span class="font-normal text-muted">· {{ $page->job->title }}</span></h1></div>
        <p class="sentence">{{ __('take-over.lead') }}</p>
        @includeWhen($page->canTell(), 'jobs.take-over-plan')
        <ol class="guide-steps">
            @foreach ($page->steps() as $step)
                <li @class(['card', 'is-done' => $step['done'], 'is-current' => $step['key'] === $current]) data-step="{{ $step['key'] }}">
                    <p><strong>{{ __("take-over.steps.{$step['key']}.does") }}</strong> @if ($step['done'])<span class="who">✓ {{ __('take-over.done') }}</span>@endif</p>
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
        @includeUnless($page->canTell(), 'jobs.take-over-plan')
        <p class="sentence">{{ __('finding.caution') }}</p>
    </main>
</x-layout>
