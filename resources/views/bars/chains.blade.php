<x-layout :title="__('chains.title').', '.$page->job->title">
    <main class="yard bars">
        <div class="yard-head">
            <h1>{{ __('chains.title') }} <span class="font-normal text-muted">· {{ $page->job->title }}</span></h1>
            <a class="button" href="{{ route('bench', [$page->job, 'head']) }}">{{ __('chains.back') }}</a>
        </div>
        <div class="bars-sheet">
            <div class="card bars-picture">
                <svg class="sketch four-heights" viewBox="0 0 660 300" role="img" aria-label="{{ __('chains.sketch') }}">
                    <path class="sketch-steel" d="M20,112 H170 V92 H214 V178 H170 V158 H20 Z" />
                    <path class="sketch-steel" d="M352,135 L640,36 V62 L392,135 L640,208 V234 Z" />
                    <circle class="sketch-steel" cx="352" cy="135" r="18" />
                    <path class="sketch-bar" d="M196,84 L520,206 M196,186 L520,64" />
                    <circle class="sketch-eye" cx="196" cy="84" r="7" /><circle class="sketch-eye" cx="196" cy="186" r="7" /><circle class="sketch-eye" cx="520" cy="206" r="7" /><circle class="sketch-eye" cx="520" cy="64" r="7" />
                    <path class="sketch-measure" d="M196,250 H352 M352,250 H520 M196,240 V260 M352,240 V260 M520,240 V260 M140,84 V135 M130,84 H150 M130,135 H150 M570,135 V206 M560,135 H580 M560,206 H580" />
                    <circle class="sketch-number" cx="274" cy="250" r="15" /><text class="sketch-digit" x="274" y="256" text-anchor="middle">1</text>
                    <circle class="sketch-number" cx="112" cy="108" r="15" /><text class="sketch-digit" x="112" y="114" text-anchor="middle">2</text>
                    <circle class="sketch-number" cx="436" cy="250" r="15" /><text class="sketch-digit" x="436" y="256" text-anchor="middle">3</text>
                    <circle class="sketch-number" cx="600" cy="170" r="15" /><text class="sketch-digit" x="600" y="176" text-anchor="middle">4</text>
                </svg>
                <p class="sentence">{{ __('chains.lead') }}</p>
            </div>
            <form method="get" action="{{ route('chains', $page->job) }}" class="card bars-form" novalidate>
                <div class="bars-fields">
                    @foreach ($page->fields() as $field)
                        <div class="field">
                            <label for="{{ $field['name'] }}"><span class="number" aria-hidden="true">{{ $field['number'] }}</span> {{ $field['label'] }}</label>
                            <input id="{{ $field['name'] }}" name="{{ $field['name'] }}" value="{{ $field['value'] }}" inputmode="text" autocomplete="off" enterkeyhint="next" aria-describedby="{{ $field['name'] }}-says" @isset($page->problems[$field['name']]) aria-invalid="true" @endisset @if ($loop->first) autofocus @endif>
                            <p class="sentence" id="{{ $field['name'] }}-says" @isset($page->problems[$field['name']]) data-tone="stop" @endisset>{{ $field['hint'] }}</p>
                        </div>
                    @endforeach
                </div>
                <div class="tape-foot"><button class="button is-first">{{ __('chains.reckon') }}</button></div>
                @foreach ($page->says() as $says)<p @class(['do-next' => $loop->first, 'is-over' => $loop->first && ! $page->isRight(), 'sentence' => ! $loop->first]) @if ($loop->first) data-chains-say @endif>{{ $says }}</p>@endforeach
                @if ($page->says() !== [])<p class="sentence">{{ __('chains.governs') }}</p>@endif
            </form>
        </div>
    </main>
</x-layout>
