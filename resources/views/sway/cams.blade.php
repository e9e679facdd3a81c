@php($refusals = session('errors')?->getBag('fact'))
@php($x = ['centred' => 120, 'forward' => 84, 'back' => 156][$cams->place()])
<section class="cams" id="cams" aria-label="{{ __('sway.cams.title') }}">
    <h2>{{ __('sway.cams.title') }}</h2>
    <p class="sentence">{{ __('sway.cams.lead') }}</p>
    <div class="with-picture">
        <form method="post" action="{{ route('facts.store', [$page->job, $page->station->value, 'hitch', 'crown_mm']) }}">
            @csrf
            <div class="levelling-fields is-others">
                @foreach ($cams->fields() as $field => $shown)
                    @php($refusal = $refusals?->first($field) ?? '')
                    <div class="field">
                        <label for="{{ $field }}">{{ \App\Words\SpecificationWords::label(\Yoke\Rig\Specification\RigPart::Hitch, $field) }}</label>
                        <input id="{{ $field }}" name="{{ $field }}" value="{{ old($field, $shown) }}" autocomplete="off" aria-describedby="{{ $field }}-says" @if ($refusal !== '') aria-invalid="true" @endif>
                        <p class="sentence" id="{{ $field }}-says" @if ($refusal !== '') data-tone="stop" @endif>{{ $refusal !== '' ? $refusal : \App\Words\SpecificationWords::hint(\Yoke\Rig\Specification\RigPart::Hitch, $field) }}</p>
                    </div>
                @endforeach
            </div>
            <button class="button is-small">{{ __('sway.cams.save') }}</button>
        </form>
        <svg class="sketch station-picture" viewBox="0 0 240 124" role="img" aria-label="{{ __('sway.cams.picture_'.$cams->place()) }}">
            <path class="sketch-steel" d="M6,14 H234 V30 H6 Z M{{ $x - 7 }},30 H{{ $x + 7 }} V52 A7,7 0 0 1 {{ $x - 7 }},52 Z" />
            <path class="sketch-bar" d="M6,92 H90 Q105,92 112,80 Q120,66 128,80 Q135,92 150,92 H234" />
            <path class="sketch-measure" d="M120,100 V118 M{{ $x }},58 V70" />
            @if ($x !== 120)<path class="sketch-measure" d="M{{ $x }},44 H120 M{{ $x < 120 ? 112 : 128 }},37 L120,44 L{{ $x < 120 ? 112 : 128 }},51" />@endif
        </svg>
    </div>
    @if ($cams->stands() !== null)<p class="do-next{{ $cams->move() === '' ? ' is-in-range' : '' }}" data-cams>{{ ucfirst($cams->stands()) }}. {{ $cams->move() }}</p>@endif
    <p class="sentence" data-tone="note">{{ __('sway.cams.together') }} {{ __('sway.cams.noise') }}</p>
</section>
