@if ($air->rows() !== [])
    <table class="ledger is-wide" data-air>
        <caption>{{ __('air.title') }}</caption>
        <thead><tr><th scope="col">{{ __('page/weigh.show.stance') }}</th><th scope="col">{{ __('page/weigh.air.front_fender') }}</th><th scope="col">{{ __('page/weigh.air.rear_fender') }}</th><th scope="col">{{ __('page/weigh.show.front') }}</th><th scope="col">{{ __('page/weigh.show.rear') }}</th><th scope="col">{{ __('page/weigh.show.trailer') }}</th><th scope="col">{{ __('page/weigh.show.restored') }}</th></tr></thead>
        @foreach ($air->rows() as $row)
            <tr><th scope="row">{{ $row['says'] }}</th><td>{{ $row['front'] }}</td><td>{{ $row['rear'] }}</td>@foreach ($row['loads'] as $i => $load)<td>{{ $load }}@if (($row['weighed'][$i] ?? '') !== '') @if ($load !== '')<br>@endif<span class="who">{{ __('air.weighed', ['loads' => $row['weighed'][$i]]) }}</span>@endif</td>@endforeach<td>{{ $row['restored'] }}</td></tr>
        @endforeach
    </table>
    @include('weigh.changes-drawn', ['drawn' => $air->drawn()])
    <p class="sentence">{{ __('air.changes') }} {{ __('air.aside', ['lifter' => $air->lifterIs()]) }}</p>
    @if ($air->believes() !== '')<p class="sentence" data-tone="note" data-air-believes>{{ $air->believes() }}</p>@endif
    @if ($air->why() !== '')<p class="sentence" data-tone="note" data-air-why>{{ $air->why() }}</p>@endif
@endif
