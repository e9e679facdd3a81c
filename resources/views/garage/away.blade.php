<x-layout :title="__('page/garage.away.archive')" here="garage">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/garage.away.garage') }}</h1><x-shelves on="away" /></div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        @if ($cards === [] && $rigs->isEmpty())
            <div class="card empty"><p class="text-xl font-bold">{{ __('page/garage.away.nothing_is_archived') }}</p><p>{{ __('page/garage.away.what_is_archived_stays_with') }}</p></div>
        @endif
        @foreach ($rigs as $rig)<x-rig-card :rig="$rig" away />@endforeach
        <div class="part-cards">@foreach ($cards as $card)<x-part-card :card="$card" away />@endforeach</div>
    </main>
</x-layout>
