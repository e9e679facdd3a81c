<x-layout title="Garage" here="garage">
    <main class="yard">
        <div class="yard-head"><h1>Garage</h1><x-shelves on="rigs" /><a class="button" href="{{ route('jobs.create') }}">Start a job with new parts</a></div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        @forelse ($rigs as $rig)
            <x-rig-card :rig="$rig" />
        @empty
            <div class="card empty"><p class="text-xl font-bold">No rig is paired yet.</p><p>A rig pairs a vehicle, a trailer and a hitch; their specifications are kept here.</p></div>
        @endforelse
        <p class="tape-foot">
            @if ($page > 1)<a class="button" href="{{ route('garage', ['page' => $page - 1]) }}">Later ones</a>@endif
            @if ($hasMore)<a class="button" href="{{ route('garage', ['page' => $page + 1]) }}">Earlier ones</a>@endif
        </p>
        @if (array_filter($pickable) !== [])
            <form method="post" action="{{ route('garage.pair') }}" class="card pair-form" aria-label="Pair a rig">
                @csrf
                @foreach (\Yoke\Specification\RigPart::cases() as $part)<x-picked :name="$part->value" :label="ucfirst($part->value)" :options="$pickable[$part->value]" />@endforeach
                <button class="button">Pair rig</button>
                @error('bar_arm')<p class="sentence" role="alert" data-tone="stop">{{ $message }}</p>@enderror
            </form>
        @endif
    </main>
</x-layout>
