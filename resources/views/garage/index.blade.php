<x-layout :title="__('page/garage.index.garage')" here="garage">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/garage.index.garage') }}</h1><x-shelves on="rigs" /><a class="button" href="{{ route('choice') }}">{{ __('page/garage.index.choose_a_hitch') }}</a><a class="button" href="{{ route('jobs.create') }}">{{ __('page/garage.index.start_a_job_with_new') }}</a></div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        @forelse ($rigs as $rig)
            <x-rig-card :rig="$rig" />
        @empty
            <div class="card empty"><p class="text-xl font-bold">{{ __('page/garage.index.no_rig_is_paired_yet') }}</p><p>{{ __('page/garage.index.a_rig_pairs_a_vehicle') }}</p></div>
        @endforelse
        <p class="tape-foot">
            @if ($page > 1)<a class="button" href="{{ route('garage', ['page' => $page - 1]) }}">{{ __('page/garage.index.later_ones') }}</a>@endif
            @if ($hasMore)<a class="button" href="{{ route('garage', ['page' => $page + 1]) }}">{{ __('page/garage.index.earlier_ones') }}</a>@endif
        </p>
        @if (array_filter($pickable) !== [])
            <form method="post" action="{{ route('garage.pair') }}" class="card pair-form" aria-label="{{ __('page/garage.index.pair_a_rig') }}">
                @csrf
                @foreach (\Yoke\Rig\Specification\RigPart::cases() as $part)<x-picked :name="$part->value" :label="\Illuminate\Support\Str::ucfirst(\App\Words\SpecificationWords::part($part))" :options="$pickable[$part->value]" />@endforeach
                <button class="button">{{ __('page/garage.index.pair_rig') }}</button>
                @error('bar_arm')<p class="sentence" role="alert" data-tone="stop">{{ $message }}</p>@enderror
            </form>
        @endif
    </main>
</x-layout>
