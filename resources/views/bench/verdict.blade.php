@php($judged = $page->restoration())
@php($squat = $page->squat())
@php($rule = $page->rule())
@php($targets = $page->targets())
@php($print = $page->print)
<div class="verdict">
    <div class="verdict-head">
        <div>
            <h2>Front axle load put back, band {{ $page->job->band()->inWords() }}</h2>
            <p class="verdict-value">@if ($judged->printed !== ''){{ \Illuminate\Support\Str::before($judged->printed, ' ±') }} <small>± {{ \Illuminate\Support\Str::after($judged->printed, '± ') }}</small>@else <small>no share yet</small>@endif</p>
        </div>
        <x-verdict-chip :verdict="$judged->verdict" />
    </div>
    @if ($judged->chances)
        <div class="chances" role="img" aria-label="Chances: {{ $judged->chances->inWords() }}">
            @foreach ($judged->chances->percents() as $class => $percent)
                @if ($percent > 0)
                    <span class="is-{{ strtok($class, ' ') }}" style="flex: {{ $percent }} 1 0">{{ $percent >= 12 ? "{$class} {$percent} %" : '' }}</span>
                @endif
            @endforeach
        </div>
    @endif
    @if ($page->makersWord() !== '')
        <p @class(['do-next is-over' => $page->isForbidden(), 'sentence' => ! $page->isForbidden()])>{{ $page->makersWord() }}</p>
    @endif
    <p class="do-next is-{{ \Illuminate\Support\Str::slug($judged->verdict->value) }}">{{ $judged->advice }}</p>
    @if ($page->waysOfTaping() !== '')
        <p class="sentence" data-tone="caution">{{ $page->waysOfTaping() }}</p>
    @endif
    @if ($rule)
        <div class="rule" role="img" aria-label="Front fender: dropped {{ $print->nearest($targets->at(0.0)) }}, halfway {{ $print->nearest($targets->halfway()) }}, full return {{ $print->nearest($targets->fullReturn()) }}">
            <div class="strip">
                <i class="band" style="left: {{ $rule->band()['from'] }}%; right: calc(100% - {{ $rule->band()['to'] }}%)"></i>
                <i class="beyond" style="left: {{ $rule->fullReturn() }}%"></i>
            </div>
            <span class="at" style="left: {{ $rule->dropped() }}%"><strong>{{ $print->nearest($targets->at(0.0)) }}</strong><br>dropped</span>
            <span class="at" style="left: {{ $rule->halfway() }}%"><strong>{{ $print->nearest($targets->halfway()) }}</strong><br>halfway</span>
            <span class="at" style="left: {{ $rule->fullReturn() }}%"><strong>{{ $print->nearest($targets->fullReturn()) }}</strong><br>full return</span>
            @if ($carried = $rule->carried())
                <span class="needle" style="left: clamp(4.6rem, {{ $carried['at'] }}%, calc(100% - 4.6rem))">carried {{ $print->nearest($page->reading(\Yoke\Rig\Stance::Carried, \Yoke\Rig\Axle::Front)->height()) }}</span>
                <i class="needle-line" style="left: {{ $carried['at'] }}%"></i>
                <i class="whisker" style="left: {{ $carried['from'] }}%; right: calc(100% - {{ $carried['to'] }}%)"></i>
            @endif
        </div>
    @endif
    @if ($page->heights->rise(\Yoke\Rig\Stance::Dropped, \Yoke\Rig\Axle::Front) || $page->heights->rise(\Yoke\Rig\Stance::Dropped, \Yoke\Rig\Axle::Rear))
        <table class="changes">
            <caption class="sr-only">Change of height from alone</caption>
            <thead><tr><th scope="col">From alone, {{ $print->fineness()->inWords() }}</th><th scope="col">dropped</th><th scope="col">carried</th></tr></thead>
            <tbody>
                @foreach (\Yoke\Rig\Axle::cases() as $axle)
                    <tr>
                        <th scope="row">{{ $axle->value }}</th>
                        @foreach ([\Yoke\Rig\Stance::Dropped, \Yoke\Rig\Stance::Carried] as $stance)
                            @php($rise = $page->heights->rise($stance, $axle))
                            <td>{{ $rise ? $print->change($rise) : '–' }}</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <div class="squat">
        <div class="line"><h3>Equal squat</h3><x-verdict-chip :verdict="$squat->verdict" /></div>
        <p>@if ($squat->printed !== '')<strong>{{ ucfirst($squat->printed) }}.</strong> @endif{{ $squat->advice }}</p>
    </div>
</div>
