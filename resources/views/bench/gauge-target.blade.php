<p class="gauge-target"><span>{{ __('gauge.target') }}</span> <strong data-gauge-target>{{ $words->target() }}</strong> <span class="who">{{ $words->range() }}</span></p>
<details class="how"><summary>{{ $words->restores() }}</summary><p class="sentence" data-tone="note">{{ $words->from() }}</p></details>
