<x-layout :title="__('page/experience.show.title')" sheet="choice" here="account">
    <main class="yard choice">
        <div class="yard-head"><h1>{{ __('page/experience.show.title') }}</h1><x-shop-tabs on="experience" /></div>
        <p class="sentence">{{ __('page/experience.show.lead') }} {{ __('page/experience.show.looked_at', ['count' => $page->jobs()]) }}</p>
        @php([$lines, $repeats] = [$page->lines(), $page->repeats()])
        @if ($lines === [])
            <div class="card empty"><p>{{ __('page/experience.show.nothing_yet') }}</p></div>
        @else
            <section class="card" aria-label="{{ __('page/experience.show.learned') }}">
                <table class="figures">
                    <thead><tr><th scope="col">{{ __('page/experience.show.what') }}</th><th scope="col">{{ __('page/experience.show.among') }}</th><th scope="col">{{ __('page/experience.show.jobs') }}</th><th scope="col">{{ __('page/experience.show.textbook') }}</th><th scope="col">{{ __('page/experience.show.learned') }}</th></tr></thead>
                    @foreach ($lines as $line)<tr><th scope="row">{{ $line['what'] }}</th><td>{{ $line['among'] }}</td><td>{{ $line['jobs'] }}</td><td>{{ $line['textbook'] }}</td><td>{{ $line['isOff'] ? __('page/experience.show.switched_off') : $line['learned'] }}</td></tr>@endforeach
                </table>
            </section>
        @endif
        @if (($items = $page->items()) !== [])
            <details class="card choice-question" data-each>
                <summary>{{ __('page/experience.show.each', ['count' => count($items)]) }}</summary>
                <table class="figures">
                    <thead><tr><th scope="col">{{ __('page/experience.show.which') }}</th><th scope="col">{{ __('page/experience.show.what') }}</th><th scope="col">{{ __('page/experience.show.jobs') }}</th><th scope="col">{{ __('page/experience.show.learned') }}</th></tr></thead>
                    @foreach ($items as $line)<tr><th scope="row">{{ $line['which'] }}</th><td>{{ $line['what'] }}</td><td>{{ $line['jobs'] }}</td><td>{{ $line['learned'] }}</td></tr>@endforeach
                </table>
            </details>
        @endif
        @if ($repeats !== [])
            <section class="card" aria-label="{{ __('page/experience.show.repeats') }}">
                <h2>{{ __('page/experience.show.repeats') }}</h2>
                <table class="figures">
                    <thead><tr><th scope="col">{{ __('page/experience.show.who') }}</th><th scope="col">{{ __('page/experience.show.times') }}</th><th scope="col">{{ __('page/experience.show.learned') }}</th></tr></thead>
                    @foreach ($repeats as $line)<tr><th scope="row">{{ $line['who'] }}</th><td>{{ $line['times'] }}</td><td>{{ $line['isOff'] ? __('page/experience.show.switched_off') : $line['learned'] }}</td></tr>@endforeach
                </table>
            </section>
        @endif
        <a class="button" href="{{ route('settings') }}">{{ __('page/experience.show.switch') }}</a>
    </main>
</x-layout>
