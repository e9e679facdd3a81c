@php($hitch = \Yoke\Rig\Specification\RigPart::Hitch)
<form method="post" action="{{ route('facts.store', [$page->job, $page->station->value, $hitch->value, 'family']) }}" class="family-pick" aria-labelledby="family-asked">
    @csrf
    <h2 id="family-asked">{{ __('page/bench.family.which') }}</h2>
    <p class="sentence">{{ __('page/bench.family.why') }}</p>
    <div class="family-tiles">
        @foreach (\App\Screens\View\FamilyTiles::all() as $family)
            <button class="family-tile" name="family" value="{{ $family['key'] }}"><x-family-picture :drawing="$family['drawing']" /><span>{{ $family['name'] }}</span></button>
        @endforeach
    </div>
</form>
