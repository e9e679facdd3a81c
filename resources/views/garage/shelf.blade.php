<x-layout :title="\App\Words\SpecificationWords::many($part)" here="garage">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/garage.shelf.garage') }}</h1><x-shelves :on="$part->value" /><a class="button" href="{{ route('garage.create', $part->value) }}">{{ __('page/garage.shelf.new', ['part' => \App\Words\SpecificationWords::part($part)]) }}</a></div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        <div class="part-cards">
            @forelse ($cards as $card)
                <x-part-card :card="$card" />
            @empty
                <div class="card empty"><p class="text-xl font-bold">{{ __('page/garage.shelf.no_is_here_yet', ['part' => \App\Words\SpecificationWords::part($part)]) }}</p><p>{{ __('page/garage.shelf.describe_one_or_start_a') }}</p></div>
            @endforelse
        </div>
    </main>
</x-layout>
