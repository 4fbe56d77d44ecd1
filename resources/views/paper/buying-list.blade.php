@extends('paper.sheet')
@section('style')
.how { width: 14mm; }
.wanted { width: 62mm; }
.example { width: 32mm; }
.lines { width: 48mm; font-size: 7.5pt; }
@endsection
@section('sheet')
<h1>{{ $title }}</h1>
<p class="muted">For {{ $kit }}: {{ $work }}. {{ $date }}</p>
<p>What it must do counts; the model is an example, and another that does as much is as good.</p>
<table>
<thead><tr><th></th><th class="how">How</th><th class="wanted">What it must do</th><th class="example">For example</th><th class="lines">For lines</th><th class="number">Cost, {{ $currency }}</th></tr></thead>
<tbody>
@foreach ($rows as [$how, $wanted, $example, $count, $cost, $lines])
<tr>
<td><div class="tick"></div></td>
<td>{{ $how }}</td>
<td>{{ $wanted === '' ? 'what another tool on this list needs' : str_replace('mm2', 'mm²', $wanted) }}</td>
<td>{{ $count === '1' ? '' : $count . ' × ' }}{{ $example }}</td>
<td class="muted lines">{{ $lines }}</td>
<td class="number">{{ $cost }}</td>
</tr>
@endforeach
<tr><td colspan="5"><b>All together</b></td><td class="number"><b>{{ $total }} {{ $currency }}</b></td></tr>
</tbody>
</table>
@endsection
