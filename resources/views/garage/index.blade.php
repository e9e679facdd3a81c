<x-layout title="Garage" here="garage">
    <main class="yard">
        <div class="yard-head"><h1>Garage</h1><a class="button" href="{{ route('jobs.create') }}">Start a job with something new</a></div>
        @forelse ($rigs as $rig)
            <x-rig-card :rig="$rig" />
        @empty
            <div class="card empty"><p class="text-xl font-bold">No rig is paired yet.</p><p>A job pairs a vehicle, a trailer and a hitch; their sheets are kept here.</p></div>
        @endforelse
    </main>
</x-layout>
