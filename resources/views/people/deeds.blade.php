<x-layout :title="__('page/people.deeds.title')" here="account">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/people.deeds.title') }}</h1><x-shop-tabs on="deeds" /></div>
        <p class="sentence">{{ __('page/people.deeds.what') }}</p>
        @if ($deeds === [])
            <div class="card empty"><p class="text-xl font-bold">{{ __('page/people.deeds.nothing_yet') }}</p></div>
        @else
            <div class="card overflow-x-auto"><table class="log">
                <thead><tr><th scope="col">{{ __('page/people.deeds.when') }}</th><th scope="col">{{ __('page/people.deeds.who') }}</th><th scope="col">{{ __('page/people.deeds.deed') }}</th></tr></thead>
                <tbody>
                    @foreach ($deeds as $one)
                        <tr><td class="is-date">{{ $one['at']->isoFormat('D MMM YYYY HH:mm') }}</td><td>{{ $one['by'] === '' ? __('page/people.deeds.nobody') : $one['by'] }}</td><td>{{ \App\Words\DeedWords::says($one['deed']->value, $one['with'], $person) }}</td></tr>
                    @endforeach
                </tbody>
            </table></div>
        @endif
        <p class="tape-foot">
            @if ($number > 1)<a class="button" href="{{ route('deeds', ['page' => $number - 1]) }}">{{ __('page/people.deeds.later') }}</a>@endif
            @if ($hasMore)<a class="button" href="{{ route('deeds', ['page' => $number + 1]) }}">{{ __('page/people.deeds.earlier') }}</a>@endif
        </p>
    </main>
</x-layout>
