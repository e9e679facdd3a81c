<x-layout :title="\App\Words\SpecificationWords::many($part)" here="garage">
    <main class="yard">
        <div class="yard-head"><h1>Garage</h1><x-shelves :on="$part->value" /><a class="button" href="{{ route('garage.create', $part->value) }}">New {{ $part->value }}</a></div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        <div class="part-cards">
            @forelse ($cards as $card)
                <x-part-card :card="$card" />
            @empty
                <div class="card empty"><p class="text-xl font-bold">No {{ $part->value }} is here yet.</p><p>Describe one, or start a job with one: its specification is kept here.</p></div>
            @endforelse
        </div>
    </main>
</x-layout>
