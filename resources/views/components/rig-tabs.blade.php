@props(['rig', 'on'])
<span class="shelves">
    <a href="{{ route('log.rig', $rig) }}" @if ($on === 'history') aria-current="page" @endif>History</a>
    <a href="{{ route('log.care', $rig) }}" @if ($on === 'care') aria-current="page" @endif>Maintenance</a>
</span>
