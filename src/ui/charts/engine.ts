import { LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

register([LineChart, ScatterChart, GridComponent, TooltipComponent, MarkLineComponent, SVGRenderer]);

export { init };
