@props(['on'])
@can('own')
    <nav class="shelves" aria-label="{{ __('page/people.tabs.label') }}">
        <a href="{{ route('account') }}" @if ($on === 'account') aria-current="page" @endif>{{ __('page/people.tabs.account') }}</a>
        <a href="{{ route('people') }}" @if ($on === 'people') aria-current="page" @endif>{{ __('page/people.tabs.people') }}</a>
        <a href="{{ route('settings') }}" @if ($on === 'settings') aria-current="page" @endif>{{ __('page/people.tabs.settings') }}</a>
        <a href="{{ route('experience') }}" @if ($on === 'experience') aria-current="page" @endif>{{ __('page/people.tabs.experience') }}</a>
        <a href="{{ route('shop') }}" @if ($on === 'shop') aria-current="page" @endif>{{ __('page/people.tabs.shop') }}</a>
        <a href="{{ route('deeds') }}" @if ($on === 'deeds') aria-current="page" @endif>{{ __('page/people.tabs.deeds') }}</a>
    </nav>
@endcan
