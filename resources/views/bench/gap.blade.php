@php($gap = $page->gap())
@if ($gap->isOffered())
    <section class="bars-step" aria-label="{{ __('gap.title') }}">
        <h2>{{ __('gap.title') }}</h2>
        <p class="sentence" data-tone="note">@if ($gap->state() !== ''){{ $gap->state() }} {{ $gap->worth() }}@else{{ __('gap.worth_it') }} {{ $gap->cost() }}@endif</p>
        <div class="tape-foot">
            <a class="button is-small" href="{{ route('gap', $page->job) }}">{{ $gap->isTaped() ? __('bars.again') : __('gap.title') }}</a>
            @if ($gap->state() === '')
                <form method="post" action="{{ route('gap.skip', $page->job) }}">@csrf<button class="button is-small">{{ __('bars.skip') }}</button></form>
            @endif
        </div>
    </section>
@endif
