<x-layout :title="__('page/log.rig.history', ['title' => $log->rig->title()])" here="log">
    <main class="yard">
        <div class="yard-head">
            <h1>{{ $log->rig->title() }} <span class="font-normal text-muted">· {{ $log->rig->hitch->name }}</span></h1>
            <x-rig-tabs :rig="$log->rig" on="history" />
        </div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        @include('customers.rig', ['rig' => $log->rig])
        @if ($log->weighed() !== '')<p class="sentence" data-weighings>{{ $log->weighed() }}</p>@endif
        <div class="history">
            <ol class="set-ups">
                @forelse ($log->setUps() as $i => $setUp)
                    @php($job = $setUp->job)
                    @php($since = $log->since($i))
                    <li class="card set-up" data-of-job="{{ $job->id }}">
                        <div class="set-up-head">
                            <h2><a href="{{ route('jobs.resume', $job) }}">{{ $job->title }}</a></h2>
                            <span class="who">{{ $job->booked_on->isoFormat('D MMM YYYY') }} · {{ $job->handed_over_at ? __('page/log.rig.handed_over') : __('page/log.rig.open') }}</span>
                            <x-verdict-chip :verdict="$setUp->verdict()?->verdict ?? \Yoke\Judgement\Method\Verdict::Waiting" />
                        </div>
                        <div class="set-up-figures">
                            <dl>@foreach ($setUp->figures() as $figure)<div><dt>{{ $figure[0] }}</dt><dd @isset($figure[2]) data-figure="{{ $figure[2] }}" @endisset>{{ $figure[1] }}</dd></div>@endforeach</dl>
                            <table class="ledger">
                                <caption class="sr-only">{{ __('page/log.rig.fender_heights') }}</caption>
                                <thead><tr><th scope="col">{{ __('page/log.rig.fender') }}</th>@foreach (\Yoke\Rig\Parts\Stance::cases() as $stance)<th scope="col">{{ \App\Words\RigWords::head($stance) }}</th>@endforeach</tr></thead>
                                @foreach (\Yoke\Rig\Parts\Axle::cases() as $axle)<tr><th scope="row">{{ \App\Words\RigWords::head($axle) }}</th>@foreach (\Yoke\Rig\Parts\Stance::cases() as $stance)<td>{{ $setUp->height($stance, $axle) }}</td>@endforeach</tr>@endforeach
                            </table>
                        </div>
                        @php([$causes, $inAll, $leftOver] = $since === null ? [[], '', ''] : [$since->causes(), $since->inAll(), $since->leftOver($setUp->restored())])
                        @if ($causes !== [] || $inAll !== '')
                            <div class="since">
                                <p><strong>{{ __('page/log.rig.since', ['i' => $log->titleBefore($i)]) }}</strong> {{ $inAll }}</p>
                                @if ($leftOver !== '')<p class="sentence">{{ $leftOver }}</p>@endif
                                @if ($causes !== [])<ul>@foreach ($causes as $cause)<li>{{ $cause }}</li>@endforeach</ul>@endif
                            </div>
                        @endif
                        @if ($setUp->roadTest() !== '')<p class="sentence">{{ $setUp->roadTest() }}</p>@endif
                        <div class="set-up-foot">
                            <span class="thumbs">@foreach ($job->photos as $photo)<a href="{{ route('photos', $job) }}"><img src="{{ route('photos.picture', [$job, $photo->id]) }}" alt="{{ \App\Words\RigWords::photo($photo->shows) }}" width="{{ $photo->width }}" height="{{ $photo->height }}" loading="lazy"></a>@endforeach</span>
                            <a class="button is-small" href="{{ route('photos', $job) }}">{{ __('page/log.rig.photos') }}</a>
                            <a class="button is-small" href="{{ route('card', $job) }}">{{ __('page/log.rig.card') }}</a>
                            <a class="button is-small" href="{{ route('files', $job) }}">{{ __('page/log.rig.files') }}</a>
                            @if ($setUp->setting() !== null)<a class="button is-small" href="{{ route('log.visit', $job) }}">{{ __('page/log.rig.return_visit') }}</a>@endif
                        </div>
                    </li>
                @empty
                    <li class="card empty"><p class="text-xl font-bold">{{ __('page/log.rig.no_set_up_of_this') }}</p><p>{{ __('page/log.rig.each_job_of_it_is') }}</p></li>
                @endforelse
            </ol>
            <section class="trends" aria-label="{{ __('page/log.rig.over_time') }}">
                @php($trends = $log->trends())
                @foreach ($trends as [$what, $plot, $says])<x-trend :what="$what" :plot="$plot" :says="$says" />@endforeach
                @if ($trends === [])<p class="sentence">{{ __('page/log.rig.from_the_second_set_up') }}</p>@endif
            </section>
        </div>
        @if ($log->earlier() !== null)<p class="tape-foot"><a class="button" href="{{ route('log.rig', [$log->rig, 'skip' => $log->earlier()]) }}">{{ __('page/log.rig.earlier_set_ups') }}</a></p>@endif
    </main>
</x-layout>
