@php($sway = $page->sway())
@php($refused = session('errors')?->getBag('checks')->first('counted') ?? '')
@if ($sway->family() === null)
    <p class="do-next">{{ __('page/sway.checks.the_family_of_the_hitch') }}</p>
@else
    @if ($cams = $sway->camPanel())@include('sway.cams')@endif
    <ul class="look-checks" aria-label="{{ __('page/sway.checks.checks_by_eye') }}">
        @foreach ($sway->checks() as [$check, $answer])
            <li id="check-{{ $check->key }}">
                <p><strong>{{ \App\Words\SwayWords::check($check) }}</strong>@if ($answer) <span class="who">{{ $answer->counted ?? '' }} {{ $answer->user->name }}, {{ $answer->answered_at->isoFormat('D MMM HH:mm') }}</span>@endif</p>
                <form method="post" action="{{ route('checks.store', [$page->job, $page->station->value]) }}">
                    @csrf
                    <input type="hidden" name="check" value="{{ $check->key }}">
                    @if ($check->key === 'threads')
                        <input name="left" value="{{ old('left') }}" inputmode="numeric" aria-label="{{ __('page/sway.checks.threads_left') }}" placeholder="{{ __('page/sway.checks.left') }}" autocomplete="off">
                        <input name="right" value="{{ old('right') }}" inputmode="numeric" aria-label="{{ __('page/sway.checks.threads_right') }}" placeholder="{{ __('page/sway.checks.right') }}" autocomplete="off">
                        <button class="button is-small">{{ __('page/sway.checks.count') }}</button>
                    @else
                        <button @class(['button', 'is-small', 'is-first' => $answer?->answer === \Yoke\Workshop\Sway\Answer::Yes]) name="answer" value="yes" aria-pressed="{{ $answer?->answer === \Yoke\Workshop\Sway\Answer::Yes ? 'true' : 'false' }}" aria-label="{{ __('page/sway.checks.ok', ['check' => \App\Words\SwayWords::check($check)]) }}">{{ __('page/sway.checks.ok_2') }}</button>
                        <button @class(['button', 'is-small', 'is-stop' => $answer?->answer === \Yoke\Workshop\Sway\Answer::No]) name="answer" value="no" aria-pressed="{{ $answer?->answer === \Yoke\Workshop\Sway\Answer::No ? 'true' : 'false' }}" aria-label="{{ __('page/sway.checks.not_ok', ['check' => \App\Words\SwayWords::check($check)]) }}">{{ __('page/sway.checks.not_ok_2') }}</button>
                    @endif
                </form>
                @if ($check->key === 'threads' && ($refused !== '' || $sway->counted($answer) !== ''))<p class="sentence" data-tone="stop" role="alert">{{ $refused !== '' ? $refused : $sway->counted($answer) }}</p>@endif
                @if ($answer?->answer === \Yoke\Workshop\Sway\Answer::No)<p class="sentence" data-tone="caution">{{ \App\Words\SwayWords::remedy($check) }}</p>@endif
            </li>
        @endforeach
    </ul>
@endif
