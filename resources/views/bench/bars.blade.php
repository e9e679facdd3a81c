@php($bars = $page->bars())
@if ($bars->isOffered())
    <section class="bars-step" aria-label="{{ __('bars.title') }}">
        <h2>{{ __('bars.title') }}</h2>
        @if ($bars->when() !== '')<p class="sentence">{{ $bars->when() }} {{ $bars->comesTo() }}</p>@endif
        @if ($bars->worth() !== '')<p class="sentence" data-tone="note">{{ $bars->worth() }}</p>@endif
        <div class="tape-foot">
            <a @class(['button', 'is-first' => $bars->when() === '', 'is-small' => $bars->when() !== '']) href="{{ route('bars', $page->job) }}">{{ $bars->isTaped() ? __('bars.again') : __('bars.open') }}</a>
            @if ($bars->when() === '')
                <form method="post" action="{{ route('bars.skip', $page->job) }}">@csrf<button class="button">{{ __('bars.skip') }}</button></form>
            @else
                <form method="post" action="{{ route('bars.undo', $page->job) }}">@csrf<button class="button is-small">{{ __('bars.undo') }}</button></form>
            @endif
        </div>
    </section>
@endif
