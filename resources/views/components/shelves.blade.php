@props(['on'])
<nav class="shelves" aria-label="{{ __('page/components.shelves.shelves') }}">
    <a href="{{ route('garage') }}" @if ($on === 'rigs') aria-current="page" @endif>{{ __('page/components.shelves.rigs') }}</a>
    @foreach (\Yoke\Rig\Specification\RigPart::cases() as $part)
        <a href="{{ route('garage.shelf', $part->value) }}" @if ($on === $part->value) aria-current="page" @endif>{{ \App\Words\SpecificationWords::many($part) }}</a>
    @endforeach
    <a href="{{ route('garage.away') }}" @if ($on === 'away') aria-current="page" @endif>{{ __('page/components.shelves.archive') }}</a>
</nav>
