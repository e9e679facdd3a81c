<x-layout :title="__('page/garage.new-loads.new_load')" here="yard">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/garage.new-loads.new_load') }}</h1></div>
        <p class="sentence">{{ __('page/garage.new-loads.which_hitch') }}</p>
        @forelse ($hitches as [$hitch, $rig])
            <a class="card hitch-row" href="{{ route('new-load', $hitch->id) }}"><strong>{{ $hitch->name }}</strong> <span class="who">{{ $rig?->title() ?? __('page/garage.new-loads.on_no_rig_yet') }}</span></a>
        @empty
            <div class="card empty"><p class="text-xl font-bold">{{ __('page/garage.new-loads.no_hitch_yet') }}</p><a class="button" href="{{ route('jobs.create') }}">{{ __('page/garage.new-loads.start_a_job') }}</a></div>
        @endforelse
        <p class="sentence"><a href="{{ route('garage.shelf', 'hitch') }}">{{ __('page/garage.new-loads.every_hitch') }}</a></p>
    </main>
</x-layout>
