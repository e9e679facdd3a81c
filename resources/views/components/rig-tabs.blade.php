@props(['rig', 'on'])
<span class="shelves">
    <a href="{{ route('log.rig', $rig) }}" @if ($on === 'history') aria-current="page" @endif>{{ __('page/components.rig-tabs.history') }}</a>
    <a href="{{ route('log.care', $rig) }}" @if ($on === 'care') aria-current="page" @endif>{{ __('page/components.rig-tabs.maintenance') }}</a>
</span>
