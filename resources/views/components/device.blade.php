@props(['job', 'kind', 'stance' => null, 'label'])
<button type="button" class="button is-small" data-read-device="{{ route('devices.read', [$job, $kind]) }}" @if ($stance) data-stance="{{ $stance }}" @endif hidden>{{ $label }}</button>
