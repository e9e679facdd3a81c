@php($print = $page->print)
    @if ($page->heights->rise(\Yoke\Rig\Parts\Stance::Dropped, \Yoke\Rig\Parts\Axle::Front) || $page->heights->rise(\Yoke\Rig\Parts\Stance::Dropped, \Yoke\Rig\Parts\Axle::Rear))
        <table class="changes">
            <caption class="sr-only">{{ __('page/bench.changes.change_of_height_from_alone') }}</caption>
            <thead><tr><th scope="col">{{ \App\Words\Text::of('reading.from_alone', ['step' => $print->fineness()->value]) }}</th><th scope="col">{{ __('page/bench.changes.dropped') }}</th><th scope="col">{{ __('page/bench.changes.carried') }}</th></tr></thead>
            <tbody>
                @foreach (\Yoke\Rig\Parts\Axle::cases() as $axle)
                    <tr>
                        <th scope="row">{{ \App\Words\RigWords::axle($axle) }}</th>
                        @foreach ([\Yoke\Rig\Parts\Stance::Dropped, \Yoke\Rig\Parts\Stance::Carried] as $stance)
                            @php($rise = $page->heights->rise($stance, $axle))
                            <td>{{ $rise ? $print->change($rise) : '–' }}</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
