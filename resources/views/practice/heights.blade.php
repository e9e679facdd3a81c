<section class="card practice-heights" aria-label="{{ __('page/practice.run.heights') }}">
    <h2>{{ __('page/practice.run.heights') }}</h2>
    @if ($page->heights() === [])
        <p class="sentence">{{ __('page/practice.run.nothing_taped') }}</p>
    @else
        <table class="figures">
            <thead><tr><th scope="col">{{ __('page/practice.run.stance') }}</th><th scope="col">{{ __('page/practice.run.front') }}</th><th scope="col">{{ __('page/practice.run.rear') }}</th><th scope="col">{{ __('page/practice.run.since_alone') }}</th></tr></thead>
            <tbody>
                @foreach ($page->heights() as $line)
                    <tr @class(['is-void' => $line['spoiled']])>
                        <td>{{ \App\Words\RigWords::head($line['stance']) }} {{ $line['setting'] }}@if ($line['spoiled']) <small>{{ __('page/practice.run.void') }}</small>@elseif (! $line['rolled']) <small>{{ __('page/practice.run.not_rolled') }}</small>@endif</td>
                        <td>{{ $line['front'] ?: '–' }}</td><td>{{ $line['rear'] ?: '–' }}</td>
                        <td>@if ($line['frontChange'] !== '' || $line['rearChange'] !== ''){{ $line['frontChange'] ?: '–' }} / {{ $line['rearChange'] ?: '–' }}@endif</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @foreach ($page->weights() as $weight)<p class="sentence">{{ $weight }}</p>@endforeach
    @php($told = $page->told())
    <details class="practice-table"><summary>{{ __('page/practice.run.told') }}</summary><table class="figures"><tbody>@foreach ($told as [$what, $figure])<tr><th scope="row">{{ $what }}</th><td>{{ $figure }}</td></tr>@endforeach</tbody></table></details>
</section>
