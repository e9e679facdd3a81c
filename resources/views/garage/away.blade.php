<x-layout title="Archive" here="garage">
    <main class="yard">
        <div class="yard-head"><h1>Garage</h1><x-shelves on="away" /></div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        @if ($cards === [] && $rigs->isEmpty())
            <div class="card empty"><p class="text-xl font-bold">Nothing is archived.</p><p>What is archived stays with its jobs and can be restored here. Nothing is deleted.</p></div>
        @endif
        @foreach ($rigs as $rig)<x-rig-card :rig="$rig" away />@endforeach
        <div class="part-cards">@foreach ($cards as $card)<x-part-card :card="$card" away />@endforeach</div>
    </main>
</x-layout>
